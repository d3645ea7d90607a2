import { methods } from '../methods'
import { DisjointSets } from '../quantity/disjoint-sets'
import { isHurtBy, needsFlame, type AssemblyJoint, type AssemblyQuestion } from './question'
import { benchOrPlace, type AssemblyStep } from './phases'
import { separate } from './separate'
import { effort } from './effort'
import { drawnOver, type DrawnOver } from './slip-couplings'
import { firstObstacle, type Obstacle } from './stepwise'
import { arranged, tighten, type Arranged } from './tighten'

const changes = ['slip coupling', 'union', 'compression or push-fit coupling without a stop'] as const
/** What is screwed slides over nothing. */
const threadChanges = ['union'] as const

/** What would make an order possible where there is none: all of these joints made in one of these ways. */
export interface Remedy {
  readonly joints: readonly string[]
  readonly changes: readonly (typeof changes)[number][] | readonly ['wet wrap']
}

/** A part of the work that cannot be made in any order: what stands in the way, and what each would be enough. */
export interface Failure {
  readonly obstacle: Obstacle
  readonly remedies: readonly Remedy[]
}

export type AssemblyOrder =
  | {
      readonly ok: true
      readonly steps: readonly AssemblyStep[]
      /** Minutes from the cut into the line until every joint on it may stand water. */
      readonly waterOff: number
    }
  | { readonly ok: false; readonly failures: readonly Failure[] }

/**
 * What must turn, then what must not find rubber beside it, then what is screwed on a fitting that was soldered, then the
 * rest: the turn in which a joint is tried first.
 */
function turnsOf({ joints, straight }: AssemblyQuestion): (joint: AssemblyJoint) => number {
  const parts = joints.filter(needsFlame).flatMap((joint) => joint.parts)
  const soldered = new Set(parts.filter((part) => !straight.has(part)))
  const isOnSoldered = (joint: AssemblyJoint) => joint.parts.some((part) => soldered.has(part))
  return (joint) => {
    if (methods[joint.method].threaded) return isOnSoldered(joint) ? 2 : 0
    return needsFlame(joint) ? 1 : 3
  }
}

/** What must come after the water is off: the existing pipe's joints, and rubber beside a flame that is lit there. */
function lateJoints(question: AssemblyQuestion, closers: ReadonlySet<AssemblyJoint>): Set<AssemblyJoint> {
  const { joints, fixed } = question
  const late = new Set(joints.filter((joint) => closers.has(joint) || joint.parts.some((part) => fixed.has(part))))
  for (let grown = true; grown;) {
    grown = false
    for (const joint of joints) {
      if (late.has(joint) || needsFlame(joint)) continue
      if (![...late].some((other) => needsFlame(other) && isHurtBy(question, other, joint))) continue
      late.add(joint)
      grown = true
    }
  }
  return late
}

/** How many of the joints on a way close a ring between held parts: one less than the held parts of each assembly. */
function neededClosers({ joints, fixed, stands = new Set() }: AssemblyQuestion): number {
  const assemblies = new DisjointSets()
  const rings = joints.filter(({ parts }) => !assemblies.tie(...parts)).length
  const roots = [...fixed, ...stands].map((part) => assemblies.root(part))
  return rings + roots.length - new Set(roots).size
}

function* choices<Item>(items: readonly Item[], count: number, from = 0): Generator<Item[]> {
  if (count === 0) {
    yield []
    return
  }
  for (let index = from; index <= items.length - count; index += 1) {
    for (const rest of choices(items, count - 1, index + 1)) yield [items[index]!, ...rest]
  }
}

const mostChoices = 3000

/** The usual order with these joints closing, which come last. */
function arrange(question: AssemblyQuestion, closers: ReadonlySet<AssemblyJoint>): Arranged {
  const late = lateJoints(question, closers)
  const rank = turnsOf(question)
  const last = (joint: AssemblyJoint) => Number(closers.has(joint))
  // What waits longest is made first, so that its wait runs while the others are made.
  const sorted = [...question.joints].sort((a, b) => last(a) - last(b) || rank(a) - rank(b) || b.wait - a.wait)
  return arranged(question, [
    ...sorted.filter((joint) => !late.has(joint)),
    ...sorted.filter((joint) => late.has(joint)),
  ])
}

const mostSteps = 20_000

/** Any order that can be made, joint after joint with steps taken back; for where the usual arrangement finds none. */
function* seek(question: AssemblyQuestion): Generator<void, Arranged | null> {
  const { joints } = question
  const most = effort(mostSteps, question)
  const rank = turnsOf(question)
  const ranked = [...joints].sort((a, b) => rank(a) - rank(b))
  const order: AssemblyJoint[] = []
  let steps = 0
  function* grow(): Generator<void, boolean> {
    if (order.length === ranked.length) return true
    for (const joint of ranked) {
      if (order.includes(joint) || steps++ > most) continue
      yield
      order.push(joint)
      if (firstObstacle(question, order) === null && (yield* grow())) return true
      order.pop()
    }
    return false
  }
  return (yield* grow()) ? arranged(question, order) : null
}

const mostTightened = 8
const shortest = (of: readonly Arranged[]): Arranged[] => [...of].sort((a, b) => a.waterOff - b.waterOff)

/** The order of least water-off time among the ways to choose which joints need no play; null with what stood against the first. */
function* search(question: AssemblyQuestion): Generator<void, { best: Arranged | null; obstacle: Obstacle | null }> {
  const able = question.joints.filter(({ needsNoPlay, spring, insertion }) => needsNoPlay || spring >= insertion)
  let obstacle: Obstacle | null = null
  const found: Arranged[] = []
  let tried = 0
  for (const closers of choices(able, neededClosers(question))) {
    if (tried++ >= effort(mostChoices, question)) break
    yield
    const next = arrange(question, new Set(closers))
    const against = firstObstacle(question, next.order)
    if (against) obstacle ??= against
    else found.push(next)
  }
  const any = found.length > 0 ? null : yield* seek(question)
  if (any) found.push(any)
  const tight: Arranged[] = []
  for (const start of shortest(found).slice(0, mostTightened)) tight.push(yield* tighten(question, start))
  return {
    best: shortest(tight)[0] ?? null,
    obstacle: obstacle ?? firstObstacle(question, arrange(question, new Set()).order),
  }
}

/** The steps of an order that was found: bench work first, where the order can still be made so. */
function stepsOf(question: AssemblyQuestion, { order, early }: Arranged): AssemblyStep[] {
  const where = benchOrPlace(question, order.slice(0, early))
  const steps = order.map(({ id }, index): AssemblyStep => ({ joint: id, phase: where[index] ?? 'water off' }))
  const [bench, rest] = [steps.filter(({ phase }) => phase === 'bench'), steps.filter(({ phase }) => phase !== 'bench')]
  const byId = new Map(order.map((joint) => [joint.id, joint]))
  const benchFirst = [...bench, ...rest]
  const canBe = firstObstacle(
    question,
    benchFirst.map(({ joint }) => byId.get(joint)!),
  )
  return canBe === null ? benchFirst : steps
}

/** A joint made so that it needs no play and no flame, and nothing beyond it turns. */
const freed = (joint: AssemblyJoint): AssemblyJoint => ({
  ...joint,
  needsNoPlay: true,
  turnsAlone: true,
  ...(methods[joint.method].threaded ? {} : { method: 'compression', wait: 0 }),
})

const withChanged = (question: AssemblyQuestion, changed: ReadonlySet<AssemblyJoint>): AssemblyQuestion => ({
  ...question,
  joints: question.joints.map((joint) => (changed.has(joint) ? freed(joint) : joint)),
})

const changesFor = (joints: readonly AssemblyJoint[]): Remedy['changes'] =>
  joints.some(({ method }) => methods[method].threaded) ? threadChanges : changes

const mostTogether = 3
const mostSets = 120
const mostTold = 6

/** The least that would make an order possible: single joints, or where no single one is enough the first few pairs, or threes. */
function* remediesOf(question: AssemblyQuestion, mouthsOf: DrawnOver['mouthsOf']): Generator<void, Remedy[]> {
  const wrapped = (yield* search({ ...question, near: new Map() })).best
  const hot = question.joints.filter(needsFlame).flatMap(({ id }) => mouthsOf(id))
  const found: Remedy[] = wrapped ? [{ joints: hot, changes: ['wet wrap'] }] : []
  const able = question.joints.filter(({ needsNoPlay }) => !needsNoPlay)
  for (let count = 1; count <= mostTogether; count += 1) {
    let tried = 0
    for (const changed of choices(able, count)) {
      if (count > 1 && (tried++ >= mostSets || found.length >= mostTold)) break
      if ((yield* search(withChanged(question, new Set(changed)))).best)
        found.push({ joints: changed.map(({ id }) => id), changes: changesFor(changed) })
    }
    if (found.length > (wrapped ? 1 : 0)) return found
  }
  return found
}

/**
 * An order in which every joint can be made: what must turn first, hot before rubber, the bench before the water is
 * off, and the joints on existing pipe last, so that the water is off as briefly as can be. The order is gone through
 * joint by joint before it is given.
 *
 * Where there is none, for each part of the work that has none the least change that allows one: joints of which each alone, made otherwise, is enough; where
 * no single one is, joints that are enough together.
 *
 * A generator: each step is one thing more that was tried, and who does not want to wait stops asking.
 */
export function* seekOrder(asked: AssemblyQuestion): Generator<void, AssemblyOrder> {
  const { question, mouthsOf } = drawnOver(asked)
  const found: Arranged[] = []
  const failures: Failure[] = []
  for (const apart of separate(question)) {
    const { best, obstacle } = yield* search(apart)
    if (best) found.push(best)
    else failures.push({ obstacle: obstacle!, remedies: yield* remediesOf(apart, mouthsOf) })
  }
  if (failures.length > 0) return { ok: false, failures }
  const joined = arranged(question, [
    ...found.flatMap(({ order, early }) => order.slice(0, early)),
    ...found.flatMap(({ order, early }) => order.slice(early)),
  ])
  // What is apart can still wait while the other is made.
  const best = found.length > 1 ? yield* tighten(question, joined) : joined
  const steps = stepsOf(question, best).flatMap(({ joint, phase }) =>
    mouthsOf(joint).map((id) => ({ joint: id, phase })),
  )
  return { ok: true, waterOff: best.waterOff, steps }
}

/** The order of assembly, sought to the end; see {@link seekOrder}. */
export function assemblyOrder(question: AssemblyQuestion): AssemblyOrder {
  const search = seekOrder(question)
  let step = search.next()
  while (!step.done) step = search.next()
  return step.value
}

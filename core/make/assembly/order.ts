import { hasRubber, meets, needsFlame, type AssemblyJoint, type AssemblyQuestion } from './question'
import { firstObstacle, type Obstacle } from './stepwise'

export interface AssemblyStep {
  readonly joint: string
  readonly phase: 'bench' | 'water off'
}

/** What would make an order possible where there is none. */
export interface Remedy {
  readonly joint: string
  readonly change: 'slip coupling' | 'union' | 'compression joint'
}

export type AssemblyOrder =
  | {
      readonly ok: true
      readonly steps: readonly AssemblyStep[]
      /** Minutes from the cut into the line until every joint on it may stand water. */
      readonly waterOff: number
    }
  | { readonly ok: false; readonly obstacle: Obstacle; readonly remedies: readonly Remedy[] }

/** Threaded before hot before the rest: what must turn, then what must not find rubber beside it. */
const rank = (joint: AssemblyJoint): number => (joint.method === 'thread' ? 0 : needsFlame(joint) ? 1 : 2)

/** What must come after the water is off: the existing pipe's joints, and rubber beside a flame that is lit there. */
function lateJoints({ joints, fixed }: AssemblyQuestion, closers: ReadonlySet<AssemblyJoint>): Set<AssemblyJoint> {
  const late = new Set(joints.filter((joint) => closers.has(joint) || joint.parts.some((part) => fixed.has(part))))
  for (let grown = true; grown;) {
    grown = false
    for (const joint of joints) {
      if (late.has(joint) || !hasRubber(joint)) continue
      if (![...late].some((other) => needsFlame(other) && meets(other, joint))) continue
      late.add(joint)
      grown = true
    }
  }
  return late
}

/** How many of the joints on a way close a ring between held parts: one less than the held parts of each assembly. */
function neededClosers({ joints, fixed }: AssemblyQuestion): number {
  const of = new Map<string, string>()
  const root = (part: string): string => {
    const up = of.get(part) ?? part
    return up === part ? part : root(up)
  }
  let rings = 0
  for (const { parts } of joints) {
    const [a, b] = [root(parts[0]), root(parts[1])]
    if (a === b) rings += 1
    else of.set(a, b)
  }
  const roots = [...fixed].map(root)
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

interface Arranged {
  readonly order: readonly AssemblyJoint[]
  /** How many are made before the water is off. */
  readonly early: number
  readonly waterOff: number
}

/** Minutes from the first of these until water may stand on all of them. */
function minutesOf(joints: readonly AssemblyJoint[]): number {
  let at = 0
  let ready = 0
  for (const { minutes, wait } of joints) {
    at += minutes
    ready = Math.max(ready, at + wait)
  }
  return ready
}

function arrange(question: AssemblyQuestion, closers: ReadonlySet<AssemblyJoint>): Arranged {
  const late = lateJoints(question, closers)
  const inOrder = (joints: readonly AssemblyJoint[]) =>
    [...joints].sort((a, b) => Number(closers.has(a)) - Number(closers.has(b)) || rank(a) - rank(b))
  const early = inOrder(question.joints.filter((joint) => !late.has(joint)))
  const after = inOrder([...late])
  return { order: [...early, ...after], early: early.length, waterOff: minutesOf(after) }
}

const mostSteps = 20_000

/** Any order that can be made, joint after joint with steps taken back; for where the usual arrangement finds none. */
function seek(question: AssemblyQuestion): Arranged | null {
  const { joints, fixed } = question
  const ranked = [...joints].sort((a, b) => rank(a) - rank(b))
  const order: AssemblyJoint[] = []
  let steps = 0
  const grow = (): boolean => {
    if (order.length === ranked.length) return true
    for (const joint of ranked) {
      if (order.includes(joint) || steps++ > mostSteps) continue
      order.push(joint)
      if (firstObstacle(question, order) === null && grow()) return true
      order.pop()
    }
    return false
  }
  if (!grow()) return null
  const first = order.findIndex(({ parts }) => parts.some((part) => fixed.has(part)))
  const early = first < 0 ? order.length : first
  return { order, early, waterOff: minutesOf(order.slice(early)) }
}

/** The order of least water-off time among the ways to choose what closes; null with what stood against the last. */
function search(question: AssemblyQuestion) {
  const able = question.joints.filter(({ closes, spring, insertion }) => closes || spring >= insertion)
  const needed = neededClosers(question)
  let obstacle: Obstacle | null = null
  let best: Arranged | null = null
  let tried = 0
  for (const closers of choices(able, needed)) {
    if (tried++ >= mostChoices) break
    const arranged = arrange(question, new Set(closers))
    if (best && arranged.waterOff >= best.waterOff) continue
    const found = firstObstacle(question, arranged.order)
    if (found) obstacle ??= found
    else best = arranged
  }
  best ??= seek(question)
  return { best, obstacle: obstacle ?? firstObstacle(question, arrange(question, new Set()).order) }
}

const changes = ['slip coupling', 'union', 'compression joint'] as const

/**
 * An order in which every joint can be made: what must turn first, hot before rubber, the bench before the water is
 * off, and the joints on existing pipe last, so that the water is off as briefly as can be. The order is gone through
 * joint by joint before it is given.
 *
 * Where there is none, the joints of which one, made otherwise, allows one.
 */
export function assemblyOrder(question: AssemblyQuestion): AssemblyOrder {
  const { best, obstacle } = search(question)
  if (best) {
    return {
      ok: true,
      waterOff: best.waterOff,
      steps: best.order.map(({ id }, index) => ({ joint: id, phase: index < best.early ? 'bench' : 'water off' })),
    }
  }
  const remedies = question.joints.flatMap((joint): Remedy[] => {
    if (joint.closes) return []
    const changed: AssemblyJoint = { ...joint, method: 'compression', closes: true, wait: 0 }
    const joints = question.joints.map((other) => (other === joint ? changed : other))
    return search({ ...question, joints }).best ? changes.map((change) => ({ joint: joint.id, change })) : []
  })
  return { ok: false, obstacle: obstacle!, remedies }
}

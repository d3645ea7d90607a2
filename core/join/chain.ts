import { fitsBySize } from '../catalogue/fit'
import { methods, type MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import { endLabel, matingKey, ownKey, type FittingEnd, type TransitionFitting } from './fitting'
import { judgeInSocket, type Circumstances } from './judge'
import { worstOf, type Verdict, type VerdictKind } from './verdict'

/** Fittings in a row that join two pipes, the joint at each pipe and between the fittings. */
export interface Chain {
  readonly fittings: readonly { readonly id: string; readonly label: string; readonly ends: readonly string[] }[]
  readonly joints: readonly Verdict[]
  readonly verdict: VerdictKind
  /** What the chain costs in trouble; less is better. Weighs joints, fittings, heat, cautions and minutes. */
  readonly score: number
}

const mostFittings = 3
const weights = { fitting: 3, minute: 0.2, hot: 1, caution: 4 }

interface Step {
  readonly fittings: readonly TransitionFitting[]
  readonly joints: readonly Verdict[]
  readonly open: FittingEnd
  readonly score: number
}

/** Which ends of the fittings take what, so that a search looks only at what can come next. */
interface EndIndex {
  readonly byKey: ReadonlyMap<string, readonly (readonly [TransitionFitting, 0 | 1])[]>
}

const indexes = new WeakMap<readonly TransitionFitting[], EndIndex>()

function indexOf(fittings: readonly TransitionFitting[]): EndIndex {
  const known = indexes.get(fittings)
  if (known) return known
  const byKey = new Map<string, [TransitionFitting, 0 | 1][]>()
  for (const fitting of fittings) {
    for (const side of [0, 1] as const) {
      const key = ownKey(fitting.ends[side])
      const listed = byKey.get(key)
      if (listed) listed.push([fitting, side])
      else byKey.set(key, [[fitting, side]])
    }
  }
  const index = { byKey }
  indexes.set(fittings, index)
  return index
}

export function jointScore({ method, verdict }: Verdict): number {
  const { minutes, hot } = methods[method]
  return minutes * weights.minute + (hot ? weights.hot : 0) + (verdict === 'caution' ? weights.caution : 0)
}

/** The joint between two fittings: their threads, or a spigot in a socket. */
function between(end: FittingEnd): Verdict {
  const method: MethodId = end.type === 'thread' ? 'thread' : end.socket.method
  const text = end.type === 'thread' ? 'opposite threads of one system and size' : 'a spigot of the socket’s own size'
  return { method, verdict: 'fits', reasons: [{ rule: 'size', verdict: 'fits', text, basis: 'standard' }] }
}

/** The verdict of a pipe in a socket; null when it is refused or does not go in. Remembers each socket. */
function jointTester(pipe: Pipe, circumstances: Circumstances): (end: FittingEnd) => Verdict | null {
  const known = new Map<string, Verdict | null>()
  return (end) => {
    if (end.type !== 'socket') return null
    const { socket } = end
    let verdict = known.get(socket.id)
    if (verdict === undefined) {
      const judged = fitsBySize(pipe, socket) ? judgeInSocket(pipe, socket, circumstances) : null
      verdict = judged && judged.verdict !== 'refuse' ? judged : null
      known.set(socket.id, verdict)
    }
    return verdict
  }
}

function finish(step: Step): Chain {
  return {
    fittings: step.fittings.map(({ id, label, ends }) => ({ id, label, ends: ends.map(endLabel) })),
    joints: step.joints,
    verdict: worstOf(step.joints.map(({ verdict }) => verdict)),
    score: Math.round(step.score * 100) / 100,
  }
}

/**
 * The cheapest chains of fittings from one pipe to another, cheapest first.
 *
 * Uniform-cost search: partial chains are taken in order of their score, every step adds a score above
 * nought, so the first complete chain taken is the cheapest there is (of at most three fittings).
 *
 * @param wanted how many distinct chains to give at most
 * @returns an empty list when nothing in these fittings joins the two
 */
export function cheapestChains(
  fittings: readonly TransitionFitting[],
  a: { readonly pipe: Pipe; readonly circumstances: Circumstances },
  b: { readonly pipe: Pipe; readonly circumstances: Circumstances },
  wanted: number,
): Chain[] {
  const { byKey } = indexOf(fittings)
  const jointAtA = jointTester(a.pipe, a.circumstances)
  const jointAtB = jointTester(b.pipe, b.circumstances)
  const queue: (Step & { complete: boolean })[] = []
  const push = (step: Step) => {
    const last = step.open.type === 'socket' ? jointAtB(step.open) : null
    if (last)
      queue.push({ ...step, joints: [...step.joints, last], score: step.score + jointScore(last), complete: true })
    if (step.open.type !== 'socket' && step.fittings.length < mostFittings) queue.push({ ...step, complete: false })
    // A socket can also take the next fitting's spigot.
    if (step.open.type === 'socket' && byKey.has(matingKey(step.open)) && step.fittings.length < mostFittings) {
      queue.push({ ...step, complete: false })
    }
  }
  for (const fitting of fittings) {
    const sides = fitting.ends[0] === fitting.ends[1] || sameEnds(fitting) ? ([0] as const) : ([0, 1] as const)
    for (const side of sides) {
      const joint = jointAtA(fitting.ends[side])
      if (joint)
        push({
          fittings: [fitting],
          joints: [joint],
          open: fitting.ends[(1 - side) as 0 | 1],
          score: weights.fitting + jointScore(joint),
        })
    }
  }
  const found: Chain[] = []
  const seen = new Set<string>()
  while (queue.length > 0 && found.length < wanted) {
    const at = queue.reduce((best, step, index) => (step.score < queue[best]!.score ? index : best), 0)
    const [step] = queue.splice(at, 1)
    if (!step) break
    if (step.complete) {
      // Chains made in the same ways are one to the plumber: the cheapest of them is shown.
      const key = step.joints.map(({ method }) => method).join(' + ')
      if (!seen.has(key)) found.push(finish(step))
      seen.add(key)
      continue
    }
    const joint = between(step.open)
    for (const [fitting, side] of byKey.get(matingKey(step.open)) ?? []) {
      if (step.fittings.includes(fitting)) continue
      push({
        fittings: [...step.fittings, fitting],
        joints: [...step.joints, joint],
        open: fitting.ends[(1 - side) as 0 | 1],
        score: step.score + weights.fitting + jointScore(joint),
      })
    }
  }
  return found
}

const sameEnds = ({ ends }: TransitionFitting): boolean => ownKey(ends[0]) === ownKey(ends[1])

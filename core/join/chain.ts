import TinyQueue from 'tinyqueue'
import { fitsBySize } from '../catalogue/fit'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import { shippedCosts, type Costs } from '../workshop/costs'
import { endIdentity, endLabel, isInLine, matingKey, ownKey, type Fitting, type FittingEnd } from '../catalogue/fitting'
import { galvanicReason } from './galvanic-chain'
import { cooledFirst } from './hot-first'
import { judgeInSocket, judgeSpigot, judgeThreads, type Circumstances } from './judge'
import { threadFor } from '../catalogue/fittings/thread-for'
import { fittingPrice } from './price'
import { worstOf, type Reason, type Verdict, type VerdictKind } from './verdict'

/** Fittings in a row that join two pipes, the joint at each pipe and between the fittings. */
export interface Chain {
  readonly fittings: readonly { readonly id: string; readonly label: string; readonly ends: readonly string[] }[]
  /** The made-up piece of pipe between two of them that face each other, by how many stand before it; null where there is none. */
  readonly piece: { readonly after: number; readonly pipe: string; readonly label: string } | null
  /** At the one pipe, from fitting to fitting, at either end of the piece, at the other pipe. */
  readonly joints: readonly Verdict[]
  readonly verdict: VerdictKind
  /** What the chain costs in trouble; less is better. Weighs fittings, kinds of tool, minutes, heat, cautions and money. */
  readonly score: number
  readonly minutes: number
  /** Fittings and consumables, in the user's currency. */
  readonly cost: number
  /** How many of its joints need a flame. */
  readonly hot: number
  /** The methods whose tools it takes. */
  readonly tools: readonly MethodId[]
}

const mostFittings = 3
const weights = { fitting: 3, tool: 3, minute: 0.2, hot: 1, caution: 5, money: 0.05, offThread: 2 }

interface TwoEnded {
  readonly fitting: Fitting
  readonly ends: readonly [FittingEnd, FittingEnd]
  readonly price: number
  /** What it adds to a chain's score. */
  readonly score: number
  /** The keys of its ends, and of what goes on them; made once, as a search asks for them thousands of times. */
  readonly own: readonly [string, string]
  readonly mating: readonly [string, string]
}

interface Step {
  readonly fittings: readonly TwoEnded[]
  readonly joints: readonly Verdict[]
  readonly open: FittingEnd
  /** The key of what goes on its open end. */
  readonly mates: string
  readonly score: number
}

/** The fittings that a search needs, and which of their ends take what. */
interface EndIndex {
  readonly fittings: readonly TwoEnded[]
  readonly byKey: ReadonlyMap<string, readonly (readonly [TwoEnded, 0 | 1])[]>
}

const indexes = new WeakMap<readonly Fitting[], WeakMap<Costs, EndIndex>>()

/** Of fittings with the same two ends only the cheapest can stand in a cheapest chain. */
function cheapestByEnds(fittings: readonly Fitting[], costs: Costs): TwoEnded[] {
  const cheapest = new Map<string, TwoEnded>()
  for (const fitting of fittings) {
    if (!isInLine(fitting)) continue
    const [first, last] = fitting.ends
    const price = fittingPrice(fitting, costs)
    const key = [endIdentity(first), endIdentity(last)].sort().join(' | ')
    const known = cheapest.get(key)
    if (!known || price < known.price) {
      const own = [ownKey(first), ownKey(last)] as const
      const mating = [matingKey(first), matingKey(last)] as const
      cheapest.set(key, { fitting, ends: [first, last], price, score: fittingScore(fitting, price), own, mating })
    }
  }
  return [...cheapest.values()]
}

function indexOf(fittings: readonly Fitting[], costs: Costs): EndIndex {
  const ofFittings = indexes.get(fittings) ?? new WeakMap<Costs, EndIndex>()
  indexes.set(fittings, ofFittings)
  const known = ofFittings.get(costs)
  if (known) return known
  const usable = cheapestByEnds(fittings, costs)
  const byKey = new Map<string, [TwoEnded, 0 | 1][]>()
  for (const fitting of usable) {
    for (const side of [0, 1] as const) {
      const key = fitting.own[side]
      const listed = byKey.get(key)
      if (listed) listed.push([fitting, side])
      else byKey.set(key, [[fitting, side]])
    }
  }
  const index = { fittings: usable, byKey }
  ofFittings.set(costs, index)
  return index
}

/** What one joint adds to a chain's score; above nought. */
export function jointScore({ method, verdict }: Verdict, costs: Costs): number {
  const { minutes, consumables } = costs.methods[method]
  const heat = methods[method].hot ? weights.hot : 0
  const reservation = verdict === 'caution' ? weights.caution : 0
  return minutes * weights.minute + heat + reservation + consumables * weights.money
}

/** What another kind of tool on site adds: a chain made in one way is less trouble than a mixed one. */
export const toolScore = (joints: readonly Verdict[], { method }: Verdict): number =>
  joints.some((joint) => joint.method === method) ? 0 : weights.tool

/** Whether a fitting has another thread than the one that goes with the pipe at its other end: it is dearer, or throttles. */
const isOffThread = ({ ends }: Fitting): boolean =>
  ends.some(
    (end) =>
      end.type !== 'thread' &&
      !methods[end.socket.method].threaded &&
      ends.some((other) => other.type === 'thread' && other.size !== threadFor(end.socket)),
  )

/** What one fitting adds to a chain's score; above nought. */
export const fittingScore = (fitting: Fitting, price: number): number =>
  weights.fitting + price * weights.money + (isOffThread(fitting) ? weights.offThread : 0)

/** The joint between two fittings: their threads, or a spigot in a socket; null when a rule refuses it. */
function between(open: FittingEnd, next: FittingEnd): Verdict | null {
  if (open.type === 'thread' && next.type === 'thread') {
    const judged = open.sex === 'M' ? judgeThreads(open, next) : judgeThreads(next, open)
    return judged.verdict === 'refuse' ? null : judged
  }
  return open.type === 'thread' ? null : judgeSpigot(open.socket.method)
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

const withReason = (verdict: Verdict, reason: Reason): Verdict => ({
  ...verdict,
  verdict: worstOf([verdict.verdict, reason.verdict]),
  reasons: [...verdict.reasons, reason],
})

interface Waiting extends Step {
  readonly complete: boolean
  /** When it came: of two that cost the same the later is taken first: it is further on. */
  readonly turn: number
}

const cheaperFirst = (one: Waiting, next: Waiting): number => one.score - next.score || next.turn - one.turn

const other = (side: 0 | 1): 0 | 1 => (side === 0 ? 1 : 0)

/** How many more fittings an open end needs at least before the other pipe goes in, by the end's key. */
function fittingsToGo({ fittings }: EndIndex, takesB: (end: FittingEnd) => boolean): ReadonlyMap<string, number> {
  const toGo = new Map<string, number>()
  for (const { ends, own } of fittings)
    for (const side of [0, 1] as const) if (takesB(ends[side])) toGo.set(own[side], 0)
  for (let more = 1; more < mostFittings; more++) {
    for (const { own, mating } of fittings) {
      for (const side of [0, 1] as const) {
        if (toGo.get(own[other(side)]) === more - 1 && !toGo.has(mating[side])) toGo.set(mating[side], more)
      }
    }
  }
  return toGo
}

const cents = (amount: number): number => Math.round(amount * 100) / 100

function finish(step: Step, costs: Costs): Chain {
  const joints = cooledFirst(step.joints)
  const sum = (of: (method: MethodId) => number) => joints.reduce((total, { method }) => total + of(method), 0)
  return {
    fittings: step.fittings.map(({ fitting: { id, label, ends } }) => ({ id, label, ends: ends.map(endLabel) })),
    piece: null,
    joints,
    verdict: worstOf(joints.map(({ verdict }) => verdict)),
    score: cents(step.score),
    minutes: sum((method) => costs.methods[method].minutes),
    cost: cents(
      step.fittings.reduce((total, { price }) => total + price, 0) + sum((method) => costs.methods[method].consumables),
    ),
    hot: joints.filter(({ method }) => methods[method].hot).length,
    tools: [...new Set(joints.map(({ method }) => method))],
  }
}

/** So many joints more are too many for a chain that wholly fits to come before one with a caution. */
const tooManyMore = 2

/**
 * Chains as they are offered: one all of whose joints fit before one with a caution, unless it needs two joints more; of
 * each kind in the order in which they were found.
 *
 * @remarks rules.md, *Which first*
 */
export function fittingFirst(found: readonly Chain[]): Chain[] {
  const isFit = ({ verdict }: Chain) => verdict === 'fits'
  const comesAfter = (fit: Chain, { joints }: Chain) => fit.joints.length >= joints.length + tooManyMore
  const ordered = new Set<Chain>()
  for (const cautioned of found.filter((chain) => !isFit(chain))) {
    for (const chain of found) if (isFit(chain) && !comesAfter(chain, cautioned)) ordered.add(chain)
    ordered.add(cautioned)
  }
  return [...ordered, ...found.filter((chain) => !ordered.has(chain))]
}

/**
 * The cheapest chains of fittings from one pipe to another, those that wholly fit first.
 *
 * Uniform-cost search: partial chains are taken in order of their score, every step adds a score above
 * nought, so the first complete chain taken is the cheapest there is (of at most three fittings).
 *
 * @param wanted how many distinct chains to give at most
 * @returns an empty list when nothing in these fittings joins the two
 */
export function cheapestChains(
  fittings: readonly Fitting[],
  a: { readonly pipe: Pipe; readonly circumstances: Circumstances },
  b: { readonly pipe: Pipe; readonly circumstances: Circumstances },
  wanted: number,
  costs: Costs = shippedCosts,
): Chain[] {
  const index = indexOf(fittings, costs)
  // Copper and steel are judged over the whole chain: what stands between them may be what keeps them apart.
  const jointAtA = jointTester(a.pipe, { ...a.circumstances, other: undefined })
  const jointAtB = jointTester(b.pipe, { ...b.circumstances, other: undefined })
  const toGo = fittingsToGo(index, (end) => jointAtB(end) !== null)
  const queue = new TinyQueue<Waiting>([], cheaperFirst)
  let turn = 0
  const push = (step: Step) => {
    const into = jointAtB(step.open)
    if (into) {
      const between = galvanicReason(
        a,
        b,
        step.fittings.map(({ fitting }) => fitting),
      )
      const last = between ? withReason(into, between) : into
      const score = step.score + jointScore(last, costs) + toolScore(step.joints, last)
      queue.push({ ...step, joints: [...step.joints, last], score, complete: true, turn: turn++ })
    }
    const left = mostFittings - step.fittings.length
    if (onwardOf(step.mates) <= left) queue.push({ ...step, complete: false, turn: turn++ })
  }
  /** Fittings to go when the open end takes another fitting and not the pipe itself. */
  const onward = new Map<string, number>()
  const onwardOf = (mates: string): number => {
    let least = onward.get(mates)
    if (least === undefined) {
      const ways = (index.byKey.get(mates) ?? []).map(([{ own }, side]) => toGo.get(own[other(side)]) ?? Infinity)
      least = Math.min(...ways) + 1
      onward.set(mates, least)
    }
    return least
  }
  const extend = (step: Omit<Step, 'open' | 'mates'>, next: TwoEnded, side: 0 | 1, joint: Verdict) =>
    push({
      fittings: [...step.fittings, next],
      joints: [...step.joints, joint],
      open: next.ends[other(side)],
      mates: next.mating[other(side)],
      score: step.score + next.score + jointScore(joint, costs) + toolScore(step.joints, joint),
    })
  for (const fitting of index.fittings) {
    const sides = fitting.own[0] === fitting.own[1] ? ([0] as const) : ([0, 1] as const)
    for (const side of sides) {
      const joint = jointAtA(fitting.ends[side])
      if (joint) extend({ fittings: [], joints: [], score: 0 }, fitting, side, joint)
    }
  }
  const found: Chain[] = []
  const seen = new Set<string>()
  for (let step = queue.pop(); step && found.length < wanted; step = queue.pop()) {
    if (step.complete) {
      // Chains made in the same ways are one to the plumber: the cheapest of them is shown.
      const ways = new Set(step.joints.map(({ method }) => method))
      const key = [...ways].sort().join(' + ') + worstOf(step.joints.map(({ verdict }) => verdict))
      if (!seen.has(key)) found.push(finish(step, costs))
      seen.add(key)
      continue
    }
    for (const [fitting, side] of index.byKey.get(step.mates) ?? []) {
      if (step.fittings.includes(fitting)) continue
      const joint = between(step.open, fitting.ends[side])
      if (joint) extend(step, fitting, side, joint)
    }
  }
  return fittingFirst(found)
}

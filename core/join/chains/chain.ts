import TinyQueue from 'tinyqueue'
import { methods } from '../../methods'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import { shippedCosts, type Costs } from '../../workshop/costs'
import { endLabel, type Fitting, type FittingEnd } from '../../catalogue/fitting'
import { between, jointTester } from './chain-joints'
import { jointScore, toolScore } from './chain-score'
import { indexOf, type EndIndex, type TwoEnded } from './end-index'
import { galvanicReason } from './galvanic-chain'
import { cooledFirst } from './hot-first'
import type { Circumstances } from '../judge'
import { worstOf, type Reason, type Verdict, type VerdictKind } from '../verdict'

/** Fittings in a row that join two pipes, the joint at each pipe and between the fittings. */
export interface Chain {
  readonly fittings: readonly { readonly id: string; readonly label: string; readonly ends: readonly string[] }[]
  /** The short piece of pipe between two of them that face each other, by how many stand before it; null where there is none. */
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

interface Step {
  readonly fittings: readonly TwoEnded[]
  readonly joints: readonly Verdict[]
  readonly open: FittingEnd
  /** The key of what goes on its open end. */
  readonly mates: string
  readonly score: number
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

/** One of the two pipes that a chain joins, and what it is joined under. */
export interface ChainEnd {
  readonly pipe: Pipe
  readonly circumstances: Circumstances
}

/** What is looked for: whether an end takes the other pipe, and how many fittings are still to go. */
interface Goal {
  readonly index: EndIndex
  readonly jointAt: (end: FittingEnd) => Verdict | null
  readonly toGo: ReadonlyMap<string, number>
}
/** By the end itself: where a piece of pipe is tried in several sizes, the goal behind it stays the same. */
const goals = new WeakMap<ChainEnd, Goal>()

function goalOf(index: EndIndex, end: ChainEnd): Goal {
  const known = goals.get(end)
  if (known?.index === index) return known
  const jointAt = jointTester(end.pipe, { ...end.circumstances, other: undefined })
  const goal = { index, jointAt, toGo: fittingsToGo(index, (of) => jointAt(of) !== null) }
  goals.set(end, goal)
  return goal
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

/** Partial chains from one pipe to another, the cheapest first. */
interface Search {
  /** The cheapest that is left, and away from the others; undefined once there is none. */
  next(): Waiting | undefined
  /** One more fitting on a partial chain, by each that goes on it. */
  goOn(step: Step): void
}

function searchBetween(index: EndIndex, a: ChainEnd, b: ChainEnd, costs: Costs): Search {
  // Copper and steel are judged over the whole chain: what stands between them may be what keeps them apart.
  const jointAtA = jointTester(a.pipe, { ...a.circumstances, other: undefined })
  const { jointAt: jointAtB, toGo } = goalOf(index, b)
  const queue = new TinyQueue<Waiting>([], cheaperFirst)
  let turn = 0
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
  const complete = (step: Step, into: Verdict): Waiting => {
    const fittings = step.fittings.map(({ fitting }) => fitting)
    const between = galvanicReason(a, b, fittings)
    const last = between ? withReason(into, between) : into
    const score = step.score + jointScore(last, costs) + toolScore(step.joints, last)
    return { ...step, joints: [...step.joints, last], score, complete: true, turn: turn++ }
  }
  const extend = (step: Omit<Step, 'open' | 'mates'>, next: TwoEnded, side: 0 | 1, joint: Verdict) => {
    const longer: Step = {
      fittings: [...step.fittings, next],
      joints: [...step.joints, joint],
      open: next.ends[other(side)],
      mates: next.mating[other(side)],
      score: step.score + next.score + jointScore(joint, costs) + toolScore(step.joints, joint),
    }
    const into = jointAtB(longer.open)
    if (into) queue.push(complete(longer, into))
    if (onwardOf(longer.mates) <= mostFittings - longer.fittings.length)
      queue.push({ ...longer, complete: false, turn: turn++ })
  }
  for (const fitting of index.fittings) {
    const sides = fitting.own[0] === fitting.own[1] ? ([0] as const) : ([0, 1] as const)
    for (const side of sides) {
      const joint = jointAtA(fitting.ends[side])
      if (joint) extend({ fittings: [], joints: [], score: 0 }, fitting, side, joint)
    }
  }
  return {
    next: () => queue.pop(),
    goOn(step) {
      for (const [fitting, side] of index.byKey.get(step.mates) ?? []) {
        if (step.fittings.includes(fitting)) continue
        const joint = between(step.open, fitting.ends[side])
        if (joint) extend(step, fitting, side, joint)
      }
    },
  }
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
  a: ChainEnd,
  b: ChainEnd,
  { wanted, costs = shippedCosts }: { readonly wanted: number; readonly costs?: Costs },
): Chain[] {
  const search = searchBetween(indexOf(fittings, costs), a, b, costs)
  const found: Chain[] = []
  const seen = new Set<string>()
  for (let step = search.next(); step && found.length < wanted; step = search.next()) {
    if (!step.complete) {
      search.goOn(step)
      continue
    }
    // Chains made in the same ways are one to the plumber: the cheapest of them is shown.
    const ways = new Set(step.joints.map(({ method }) => method))
    const key = [...ways].sort().join(' + ') + worstOf(step.joints.map(({ verdict }) => verdict))
    if (!seen.has(key)) found.push(finish(step, costs))
    seen.add(key)
  }
  return fittingFirst(found)
}

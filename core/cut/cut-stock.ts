import { allRemaining, combine, costOf, dive } from './search-patterns'
import { columnBound, newBars } from './column-bound'
import { cuttingProblem, type CuttingProblem, type Pattern, type StockQuestion } from './cutting-problem'
import { layFirstFit } from './first-fit'
import { gatherRemainder, isLargest } from './largest-remainder'
import type { Solver } from './solver'
import { fixed, sentence } from '../quantity/words/sentence'
import { refusalsOf } from '../quantity/words/refusal'
import type { Bar, StockPiece, StockPlan } from './stock'
import type { StepRounding } from './units'

/** How far the search is; its plan can be used at any time. */
export interface StockProgress {
  readonly plan: StockPlan
  /** New bars of the plan. */
  readonly newBars: number
  /** New bars that no plan can do without. */
  readonly bound: number
  /** No plan with so few new bars leaves a longer single remainder; false where that is not known. */
  readonly isLargestRemainder: boolean
  readonly stage: 'first fit' | 'bound' | 'search' | 'remainder' | 'done'
}

/** What the search asks at each step; a test of its course puts answers of its own here. */
export interface SearchSteps {
  readonly dive: typeof dive
  readonly combine: typeof combine
}

const dives = 12
const secondsOfCombining = 2
/** A bar may be overfilled by this much, in mm: the error of adding. */
const slack = 1e-6

const refuse = refusalsOf({
  id: 'cut-stock',
  messages: {
    bar: fixed('Stock length: more than nought'),
    kerf: fixed('What a cut takes: nought or more'),
    piece: sentence({ piece: 'P3' }, ({ piece }) => `Piece ${piece}: a length of more than nought`),
  },
})

/** Patterns as bars with their pieces and what remains; null where rounding has overfilled one. */
function toPlan(
  problem: CuttingProblem,
  { barLength, kerf }: StockQuestion,
  patterns: readonly Pattern[],
): StockPlan | null {
  const waiting = problem.pieces.map((same) => [...same])
  const rack = problem.sources.map(({ offcuts }) => [...offcuts])
  const barOf = (length: number, pieces: readonly StockPiece[], offcut?: string): Bar => {
    const used = pieces.reduce((sum, piece) => sum + piece.length + kerf, 0)
    return { length, pieces, rest: Math.max(0, length - used), ...(offcut === undefined ? {} : { offcut }) }
  }
  const bars = patterns.map(({ source, counts }): Bar => {
    const offcut = rack[source]!.shift()
    const pieces = counts.flatMap((count, kind) => waiting[kind]!.splice(0, count))
    return barOf(offcut?.whole ?? barLength, [...(offcut?.laid ?? []), ...pieces], offcut?.id)
  })
  // What was laid on an offcut beforehand stands, though nothing more came onto it.
  const left = rack.flatMap((offcuts) => offcuts.filter(({ laid }) => laid.length > 0))
  const all = [...bars, ...left.map(({ whole, laid, id }) => barOf(whole, laid, id))]
  const isOverfilled = all.some(
    ({ length, pieces }) =>
      pieces.reduce((sum, piece) => sum + piece.length, 0) + kerf * (pieces.length - 1) > length + slack,
  )
  return isOverfilled ? null : { bars: all, tooLong: problem.tooLong }
}

/** The bound that needs no solver: what all pieces take, over what a bar has. */
function plainBound({ sizes, demand, sources }: CuttingProblem): number {
  const taken = sizes.reduce((sum, size, kind) => sum + size * demand[kind]!, 0)
  const onRack = sources.reduce((sum, { capacity, offcuts }) => sum + capacity * offcuts.length, 0)
  return Math.max(0, Math.ceil((taken - onRack) / sources[0]!.capacity))
}

/**
 * Lays pieces on stock: the fewest new bars first, then the largest single remainder. Proven by the lower bound of
 * column generation; where bound and plan differ, a plan with fewer bars may or may not exist.
 *
 * A generator: each step hands out the best plan so far, and who does not want to wait stops asking.
 *
 * @param question pieces, bar and offcuts in mm, all above 0; kerf 0 or more
 * @throws RangeError when the bar is not above nought or the kerf is negative
 * @remarks for instance: bars of 3000, pieces 1700, 1300, 1600, 1400: two bars with nothing left, where first fit also takes two
 */
export function* cutStock(
  question: StockQuestion,
  solver: Solver,
  steps: SearchSteps = { dive, combine },
): Generator<StockProgress, StockProgress> {
  if (!(question.barLength > 0)) throw refuse('bar')
  if (!(question.kerf >= 0)) throw refuse('kerf')
  const empty = question.pieces.find(({ length }) => !(length > 0))
  if (empty) throw refuse('piece', { piece: empty.id })
  const found = yield* search(question, solver, steps, 'nearest')
  // What rounding let in and does not fit is sought again with every piece rounded up.
  return found ?? (yield* search(question, solver, steps, 'up'))!
}

function* search(
  question: StockQuestion,
  solver: Solver,
  steps: SearchSteps,
  towards: StepRounding,
): Generator<StockProgress, StockProgress | null> {
  const problem = cuttingProblem(question, towards)
  // No rounding may lift the bound: it is that of the pieces rounded down.
  const below = problem.isExact ? problem : cuttingProblem(question, 'down')
  let best = layFirstFit(problem)
  let bound = plainBound(below)
  let last: StockProgress | null = null
  const progress = (stage: StockProgress['stage'], isLargestRemainder = false): StockProgress | null => {
    const plan = toPlan(problem, question, best)
    if (plan) last = { plan, newBars: costOf(problem, best), bound, isLargestRemainder, stage }
    return last
  }
  const first = progress('first fit')
  if (first) yield first
  const isBest = () => costOf(problem, best) <= bound
  if (!isBest()) {
    const linear = columnBound(below, allRemaining(below), [], solver)
    if (linear) bound = Math.max(bound, newBars(linear.cost))
    const pool = [...best]
    const bounded = progress('bound')
    if (bounded) yield bounded
    // The first dive follows the largest fractions; each later one departs from them at another step.
    for (let dived = 0; dived < dives && !isBest(); dived += 1) {
      const better = steps.dive(problem, pool, solver, {
        goal: bound,
        below: costOf(problem, best),
        choose: (step, among) => (dived > 0 && step === dived - 1 ? 1 % among : 0),
      })
      if (better) best = better
      const dug = progress('search')
      if (dug) yield dug
      if (dived % 4 !== 0 || isBest()) continue
      const combined = steps.combine(problem, pool, solver, secondsOfCombining)
      if (combined && costOf(problem, combined) < costOf(problem, best)) best = combined
      const joined = progress('search')
      if (joined) yield joined
    }
  }
  best = gatherRemainder(problem, best)
  return toPlan(problem, question, best) ? progress('done', isBest() && isLargest(problem, best)) : null
}

import { allRemaining, combine, costOf, dive } from './search-patterns'
import { columnBound, newBars } from './column-bound'
import { cuttingProblem, type CuttingProblem, type Pattern, type StockQuestion } from './cutting-problem'
import { layFirstFit } from './first-fit'
import { gatherRemainder } from './largest-remainder'
import type { Solver } from './solver'
import type { Bar, StockPlan } from './stock'

/** How far the search is; its plan can be used at any time. */
export interface StockProgress {
  readonly plan: StockPlan
  /** New bars of the plan. */
  readonly newBars: number
  /** New bars that no plan can do without. */
  readonly bound: number
  readonly stage: 'first fit' | 'bound' | 'search' | 'remainder' | 'done'
}

const dives = 12
const secondsOfCombining = 2

/** Patterns as bars with their pieces and what remains. */
function toPlan(problem: CuttingProblem, { barLength, kerf }: StockQuestion, patterns: readonly Pattern[]): StockPlan {
  const waiting = problem.pieces.map((same) => [...same])
  const rack = problem.sources.map(({ offcuts }) => [...offcuts])
  const bars = patterns.map(({ source, counts }): Bar => {
    const offcut = rack[source]!.shift()
    const pieces = counts.flatMap((count, kind) => waiting[kind]!.splice(0, count))
    const length = offcut?.length ?? barLength
    const used = pieces.reduce((sum, piece) => sum + piece.length + kerf, 0)
    return { length, pieces, rest: Math.max(0, length - used), ...(offcut ? { offcut: offcut.id } : {}) }
  })
  return { bars, tooLong: problem.tooLong }
}

/** The bound that needs no solver: what all pieces take, over what a bar has. */
function plainBound({ sizes, demand, sources }: CuttingProblem): number {
  const taken = sizes.reduce((sum, size, kind) => sum + size * demand[kind]!, 0)
  const onRack = sources.slice(1).reduce((sum, { capacity, offcuts }) => sum + capacity * offcuts.length, 0)
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
 * @example bars of 3000, pieces 1700, 1300, 1600, 1400: two bars with nothing left, where first fit also takes two
 */
export function* cutStock(question: StockQuestion, solver: Solver): Generator<StockProgress, StockProgress> {
  if (!(question.barLength > 0)) throw new RangeError('a stock length is more than 0 mm')
  if (!(question.kerf >= 0)) throw new RangeError('a kerf is 0 mm or more')
  const problem = cuttingProblem(question)
  let best = layFirstFit(problem)
  let bound = plainBound(problem)
  const progress = (stage: StockProgress['stage'], patterns = best): StockProgress => ({
    plan: toPlan(problem, question, patterns),
    newBars: costOf(problem, patterns),
    bound,
    stage,
  })
  yield progress('first fit')
  const isBest = () => costOf(problem, best) <= bound
  if (!isBest()) {
    const pool = [...best]
    const linear = columnBound(problem, allRemaining(problem), pool, solver)
    if (linear) bound = Math.max(bound, newBars(linear.cost))
    yield progress('bound')
    // The first dive follows the largest fractions; each later one departs from them at another step.
    for (let dived = 0; dived < dives && !isBest(); dived += 1) {
      const found = dive(problem, pool, solver, {
        goal: bound,
        below: costOf(problem, best),
        choose: (step, among) => (dived > 0 && step === dived - 1 ? 1 % among : 0),
      })
      if (found) best = found
      yield progress('search')
      if (dived % 4 !== 0 || isBest()) continue
      const combined = combine(problem, pool, solver, secondsOfCombining)
      if (combined && costOf(problem, combined) < costOf(problem, best)) best = combined
      yield progress('search')
    }
  }
  yield progress('remainder')
  best = gatherRemainder(problem, best)
  return progress('done')
}

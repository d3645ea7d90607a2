import { columnBound, newBars, type Remaining } from './column-bound'
import type { CuttingProblem, Pattern } from './cutting-problem'
import { layFirstFit } from './first-fit'
import type { Solver } from './solver'

/** How many new bars these patterns take. */
export const costOf = ({ sources }: CuttingProblem, bars: readonly Pattern[]): number =>
  bars.reduce((sum, { source }) => sum + sources[source]!.cost, 0)

export const allRemaining = ({ demand, sources }: CuttingProblem): Remaining => ({
  demand,
  supply: sources.map(({ cost, offcuts }) => (cost === 1 ? Infinity : offcuts.length)),
})

const take = ({ demand, supply }: Remaining, { source, counts }: Pattern, times: number): Remaining => ({
  demand: demand.map((count, kind) => count - times * counts[kind]!),
  supply: supply.map((count, of) => (of === source ? count - times : count)),
})

/** How often a pattern still goes into what remains. */
const timesLeft = ({ demand, supply }: Remaining, { source, counts }: Pattern): number =>
  Math.min(supply[source]!, ...counts.flatMap((count, kind) => (count > 0 ? [Math.floor(demand[kind]! / count)] : [])))

/** Rounds a first fit off what remains: the offcuts that are used up are not there any more. */
const firstFitOf = (problem: CuttingProblem, { demand, supply }: Remaining): Pattern[] =>
  layFirstFit(
    {
      ...problem,
      sources: problem.sources.map((source, of) => ({
        ...source,
        offcuts: source.offcuts.slice(0, supply[of]),
      })),
    },
    demand,
  )

/**
 * Dives to whole bars: fixes the whole parts of the fractional answer, or its largest fraction, and solves again for
 * what remains, until nothing does. A first fit of what remains is tried at every step.
 *
 * @param choose which of the fractions, largest first, is fixed where no whole part is; the way to other dives
 * @param goal new bars at which nothing better can come
 * @returns the bars; null when a dive cannot get below `below`
 */
export function dive(
  problem: CuttingProblem,
  pool: Pattern[],
  solver: Solver,
  { goal, below, choose }: { goal: number; below: number; choose: (step: number, among: number) => number },
): Pattern[] | null {
  let remaining = allRemaining(problem)
  const fixed: Pattern[] = []
  let best: Pattern[] | null = null
  for (let step = 0; remaining.demand.some((count) => count > 0); step += 1) {
    const quick = [...fixed, ...firstFitOf(problem, remaining)]
    if (costOf(problem, quick) < (best ? costOf(problem, best) : below)) best = quick
    if (best && costOf(problem, best) <= goal) return best
    const bound = columnBound(problem, remaining, pool, solver)
    if (!bound || costOf(problem, fixed) + newBars(bound.cost) >= (best ? costOf(problem, best) : below)) return best
    const ordered = [...bound.used].sort((a, b) => b.amount - a.amount)
    const whole = ordered.filter(({ amount }) => amount >= 1 - 1e-6)
    const picked = whole.length > 0 ? whole : [ordered[choose(step, ordered.length)]!]
    for (const { pattern, amount } of picked) {
      const times = Math.min(Math.max(1, Math.floor(amount + 1e-6)), timesLeft(remaining, pattern))
      for (let time = 0; time < times; time += 1) fixed.push(pattern)
      remaining = take(remaining, pattern, times)
    }
  }
  return costOf(problem, fixed) < (best ? costOf(problem, best) : below) ? fixed : best
}

/** Whole amounts of the known patterns that meet every demand; what is laid twice is left out again. */
export function combine(
  problem: CuttingProblem,
  pool: readonly Pattern[],
  solver: Solver,
  seconds: number,
): Pattern[] | null {
  const { demand, sources } = problem
  const programme = solver.open([
    ...demand.map((count) => ({ least: count, most: Infinity })),
    ...sources.slice(1).map(({ offcuts }) => ({ least: 0, most: offcuts.length })),
  ])
  try {
    for (const { source, counts } of pool) {
      programme.add(sources[source]!.cost, [
        ...counts.flatMap((count, kind) => (count > 0 ? [[kind, count] as const] : [])),
        ...(source > 0 ? [[demand.length + source - 1, 1] as const] : []),
      ])
    }
    const amounts = programme.solveWhole(seconds)
    if (!amounts) return null
    const left = [...demand]
    return amounts
      .flatMap((times, index) =>
        Array.from({ length: times }, () => {
          const { source, counts } = pool[index]!
          return {
            source,
            counts: counts.map((count, kind) => {
              const used = Math.min(count, left[kind]!)
              left[kind]! -= used
              return used
            }),
          }
        }),
      )
      .filter(({ counts }) => counts.some((count) => count > 0))
  } finally {
    programme.close()
  }
}

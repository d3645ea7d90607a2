import type { CuttingProblem, Pattern } from './cutting-problem'

/** Whole steps that a pattern takes of its bar. */
export const loadOf = ({ sizes }: CuttingProblem, counts: readonly number[]): number =>
  counts.reduce((sum, count, kind) => sum + count * sizes[kind]!, 0)

/**
 * Lays what is demanded longest first, each piece on the first bar that still takes it: offcuts, shortest first, then
 * new bars.
 */
export function layFirstFit(problem: CuttingProblem, demand: readonly number[] = problem.demand): Pattern[] {
  const { sizes, sources } = problem
  const bars = sources.flatMap(({ offcuts, capacity }, source) =>
    offcuts.map(() => ({ source, left: capacity, counts: sizes.map(() => 0) })),
  )
  demand.forEach((count, kind) => {
    for (let piece = 0; piece < count; piece += 1) {
      let bar = bars.find(({ left }) => left >= sizes[kind]!)
      if (!bar) bars.push((bar = { source: 0, left: sources[0]!.capacity, counts: sizes.map(() => 0) }))
      bar.left -= sizes[kind]!
      bar.counts[kind]! += 1
    }
  })
  return bars
    .filter(({ counts }) => counts.some((count) => count > 0))
    .map(({ source, counts }) => ({ source, counts }))
}

import type { CuttingProblem, Pattern } from './cutting-problem'
import { fillBest } from './fill'
import { loadOf } from './first-fit'

interface OpenBar {
  source: number
  counts: number[]
  load: number
}

/** What is on both bars, laid so that the first is as full as it can be; null when the rest does not fit the second. */
function refill(problem: CuttingProblem, first: OpenBar, second: OpenBar): [number[], number[]] | null {
  const { sizes, sources } = problem
  const together = sizes.map((_, kind) => first.counts[kind]! + second.counts[kind]!)
  const items = sizes.map((size, kind) => ({ size, worth: size, count: together[kind]! }))
  const { counts } = fillBest(items, [sources[first.source]!.capacity])[0]!
  const rest = together.map((count, kind) => count - counts[kind]!)
  return loadOf(problem, rest) <= sources[second.source]!.capacity ? [[...counts], rest] : null
}

/**
 * Gathers what remains into one bar: pieces change places between the emptiest new bar and each other one, as long as
 * the other becomes fuller. The number of bars stays, or falls where a bar becomes empty.
 */
export function gatherRemainder(problem: CuttingProblem, patterns: readonly Pattern[]): Pattern[] {
  const { sources } = problem
  const left = ({ source, load }: OpenBar) => sources[source]!.capacity - load
  const bars = patterns.map(({ source, counts }): OpenBar => ({
    source,
    counts: [...counts],
    load: loadOf(problem, counts),
  }))
  const emptiest = bars.filter(({ source }) => source === 0).sort((a, b) => left(b) - left(a))[0]
  for (let better = emptiest !== undefined; better;) {
    better = false
    for (const bar of bars) {
      if (bar === emptiest) continue
      const laid = refill(problem, bar, emptiest!)
      if (!laid || loadOf(problem, laid[0]) <= bar.load) continue
      bar.counts = laid[0]
      bar.load = loadOf(problem, laid[0])
      emptiest!.counts = laid[1]
      emptiest!.load = loadOf(problem, laid[1])
      better = true
    }
  }
  return bars.filter(({ load }) => load > 0).map(({ source, counts }) => ({ source, counts }))
}

/**
 * Whether no laying with as few new bars leaves a longer single remainder: what is on the emptiest new bar is the least
 * that can be on it. It must take what all others cannot, and of sums of pieces the least that is enough.
 *
 * @returns false where that is not shown, though it may be so
 */
export function isLargest(problem: CuttingProblem, patterns: readonly Pattern[]): boolean {
  const { sizes, demand, sources } = problem
  const fresh = patterns.filter(({ source }) => source === 0)
  if (fresh.length === 0) return true
  const loads = fresh.map(({ counts }) => loadOf(problem, counts))
  const capacity = sources[0]!.capacity
  const total = sizes.reduce((sum, size, kind) => sum + size * demand[kind]!, 0)
  const onRack = sources.reduce((sum, { capacity: of, offcuts }) => sum + of * offcuts.length, 0)
  const least = Math.max(1, total - (fresh.length - 1) * capacity - onRack)
  const emptiest = Math.min(...loads)
  // The fullest filling of a bar that is one step shorter than what lies there: is it enough?
  const items = sizes.map((size, kind) => ({ size, worth: size, count: demand[kind]! }))
  const below = fillBest(items, [emptiest - 1])[0]!.worth
  return below < least
}

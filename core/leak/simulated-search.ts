import type { CheckResult } from '../log/leak-check'
import { chanceToSee, secondsOf, valveIsRight } from './checks'
import { leakSearch } from './search'
import type { Suspect } from './suspects'
import type { ValveSides } from './valve-sides'

type Random = () => number

/**
 * Seconds in which a leak is found by always doing what the search says next.
 *
 * @param leaks id of what leaks in truth
 * @param random numbers from 0 up to 1
 */
export function secondsBySearch(
  suspects: readonly Suspect[],
  valves: readonly ValveSides[],
  { leaks, valveSeconds, random }: { readonly leaks: string; readonly valveSeconds: number; readonly random: Random },
): number {
  const results: CheckResult[] = []
  for (let seconds = 0; ;) {
    const { next } = leakSearch(suspects, valves, results, valveSeconds)
    if (!next) return seconds
    seconds += next.seconds
    if (next.check === 'valve') {
      const isShown = random() < valveIsRight
      const result = next.valve.beyond.has(leaks) === isShown ? 'beyond' : 'before'
      results.push({ check: 'valve', at: next.valve.id, result })
    } else {
      const isSeen = next.at.id === leaks && random() < chanceToSee(next.check)
      results.push({ check: next.check, at: next.at.id, result: isSeen ? 'leaks' : 'dry' })
    }
  }
}

/** Seconds in which it is found by going round in order along the runs: a look at every place, then tissue at every place. */
export function secondsInOrder(suspects: readonly Suspect[], leaks: string, random: Random): number {
  let seconds = 0
  for (const check of ['look', 'tissue', 'tissue', 'tissue', 'tissue'] as const)
    for (const suspect of suspects) {
      seconds += secondsOf(check, suspect)
      if (suspect.id === leaks && random() < chanceToSee(check)) return seconds
    }
  return seconds
}

/** What leaks in truth: drawn by the chances, each up to twice as likely or half as likely as was supposed. */
export function drawLeak(suspects: readonly Suspect[], random: Random): string {
  const truth = suspects.map(({ weight }) => weight * 2 ** (2 * random() - 1))
  let left = random() * truth.reduce((sum, weight) => sum + weight, 0)
  return suspects[truth.findIndex((weight) => (left -= weight) < 0)]!.id
}

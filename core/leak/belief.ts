import { everywhere, type CheckResult, type SpotCheck } from '../log/leak-check'
import { chanceToSee, valveAnswers } from './checks'
import type { Loss } from './loss'
import type { Spot } from './spots'
import type { ValveSides } from './valve-sides'

/** A line in which a leak is sought: its places in their order, its valves, and what is lost. */
export interface Sought {
  readonly spots: readonly Spot[]
  readonly valves: readonly ValveSides[]
  readonly loss: Loss
}

/** What was found out so far. */
export interface Belief {
  /** By suspect: how likely it is still to leak, beside the others. */
  readonly weights: ReadonlyMap<string, number>
  /** By spot: the chances that it leaks there, in the order of the spots; they add up to 1. */
  readonly chances: Float64Array
  /** By spot: the checks that were made there in vain. */
  readonly inVain: ReadonlyMap<string, readonly SpotCheck[]>
}

export function spread(weights: Float64Array): Float64Array {
  const sum = weights.reduce((all, weight) => all + weight, 0)
  return sum > 0 ? weights.map((weight) => weight / sum) : weights.map(() => 1 / weights.length)
}

/** By what a valve’s answer leaves of a leak on this side of it; both and neither tell nothing of the side. */
export function chanceOfAnswer(answer: CheckResult['result'], side: 'before' | 'beyond'): number {
  if (answer === 'both' || answer === 'neither') return 1
  return answer === side ? valveAnswers.right : valveAnswers.wrong
}

/** By what a check leaves of a suspect; 1 where it says nothing of it. */
function leaves(
  { check, at, result }: CheckResult,
  { spots, valves, loss }: Sought,
): (suspect: string, spot: Spot) => number {
  if (check === 'valve') {
    const valve = valves.find(({ id }) => id === at)
    return (suspect) => (valve ? chanceOfAnswer(result, valve.beyond.has(suspect) ? 'beyond' : 'before') : 1)
  }
  const missed = 1 - chanceToSee(check, loss)
  if (result !== 'dry') return () => 1
  if (check === 'walk') return (_, { isHidden }) => (at === everywhere && !isHidden ? missed : 1)
  // Of old, a fitting's joints were looked at one by one.
  const isSpot = spots.some(({ id }) => id === at)
  return (suspect, spot) => ((isSpot ? spot.id : suspect) === at ? missed : 1)
}

/** By Bayes’s rule: what checks in vain leave of a place, and a valve of its sides. What is there no more is passed over. */
export function beliefAfter(sought: Sought, results: readonly CheckResult[]): Belief {
  const by = results.map((result) => leaves(result, sought))
  const weights = new Map(
    sought.spots.flatMap((spot) =>
      spot.suspects.map(({ id, weight }) => [id, by.reduce((left, of) => left * of(id, spot), weight)] as const),
    ),
  )
  const inVain = new Map<string, SpotCheck[]>()
  for (const { check, at, result } of results)
    if (check !== 'valve' && check !== 'walk' && result === 'dry') inVain.set(at, [...(inVain.get(at) ?? []), check])
  const bySpot = sought.spots.map(({ suspects }) => suspects.reduce((sum, { id }) => sum + weights.get(id)!, 0))
  return {
    weights,
    chances: spread(Float64Array.from(bySpot)),
    inVain,
  }
}

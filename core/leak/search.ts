import TinyQueue from 'tinyqueue'
import type { CheckResult, SpotCheck } from '../log/leak-check'
import { chanceToSee, checkAfter, secondsOf, valveIsRight } from './checks'
import type { Suspect } from './suspects'
import type { ValveSides } from './valve-sides'

export type NextCheck =
  | { readonly check: SpotCheck; readonly at: Suspect; readonly seconds: number }
  | { readonly check: 'valve'; readonly valve: ValveSides; readonly seconds: number }

export interface LeakSearch {
  /** Where it may be, the likeliest first; the chances add up to 1. */
  readonly places: readonly { readonly suspect: Suspect; readonly chance: number }[]
  /** Where it was seen; null while it was not. */
  readonly found: Suspect | null
  readonly next: NextCheck | null
  /** Seconds that the search is still expected to take; 0 where it was found. */
  readonly expected: number
}

/** Chances of all suspects after what was found out, the checks of each made in vain. */
interface Belief {
  readonly chances: Float64Array
  readonly inVain: ReadonlyMap<string, readonly SpotCheck[]>
}

/** Of the chances so much may be left unsought when a search is reckoned. */
const leftOver = 0.002
/** So many valves are weighed: those that part the chances most evenly. */
const mostValves = 12

function spread(weights: Float64Array): Float64Array {
  const sum = weights.reduce((all, weight) => all + weight, 0)
  return sum > 0 ? weights.map((weight) => weight / sum) : weights.map(() => 1 / weights.length)
}

/** By Bayes's rule: what a check in vain leaves of a place, and a valve of its sides. */
function beliefAfter(
  suspects: readonly Suspect[],
  valves: readonly ValveSides[],
  results: readonly CheckResult[],
): Belief {
  const weights = Float64Array.from(suspects, ({ weight }) => weight)
  const index = new Map(suspects.map(({ id }, at) => [id, at]))
  const inVain = new Map<string, SpotCheck[]>()
  for (const { check, at, result } of results) {
    if (check === 'valve') {
      const valve = valves.find((of) => of.id === at)
      if (!valve) continue
      suspects.forEach(({ id }, which) => {
        const falls = valve.beyond.has(id) ? 'beyond' : 'before'
        weights[which]! *= falls === result ? valveIsRight : 1 - valveIsRight
      })
    } else if (result === 'dry' && index.has(at)) {
      weights[index.get(at)!]! *= 1 - chanceToSee(check)
      inVain.set(at, [...(inVain.get(at) ?? []), check])
    }
  }
  return { chances: spread(weights), inVain }
}

interface Candidate {
  readonly which: number
  readonly check: SpotCheck
  readonly chance: number
  readonly seconds: number
  readonly ratio: number
}

function candidate(
  suspects: readonly Suspect[],
  which: number,
  chance: number,
  inVain: readonly SpotCheck[],
): Candidate {
  const check = checkAfter(suspects[which]!, inVain)
  const seconds = secondsOf(check, suspects[which]!)
  return { which, check, chance, seconds, ratio: (chance * chanceToSee(check)) / seconds }
}

/** Place by place, always what finds it soonest by its chance a second: the first check, and the seconds expected of all. */
function placeByPlace(suspects: readonly Suspect[], { chances, inVain }: Belief) {
  const queue = new TinyQueue(
    suspects.map(({ id }, which) => candidate(suspects, which, chances[which]!, inVain.get(id) ?? [])),
    (a, b) => b.ratio - a.ratio || a.which - b.which,
  )
  const first = queue.peek() ?? null
  const made = new Map<number, SpotCheck[]>()
  let left = 1
  let expected = 0
  for (let at = queue.pop(); at && left > leftOver; at = queue.pop()) {
    // What has not been found yet has to wait for this check too.
    expected += left * at.seconds
    const found = at.chance * chanceToSee(at.check)
    left -= found
    const done = [...(made.get(at.which) ?? inVain.get(suspects[at.which]!.id) ?? []), at.check]
    made.set(at.which, done)
    queue.push(candidate(suspects, at.which, at.chance - found, done))
  }
  return { first, expected }
}

/** Seconds that are expected when a valve is shut first: its own, and those of the side that it then shows. */
function expectedByValve(suspects: readonly Suspect[], belief: Belief, valve: ValveSides, seconds: number): number {
  const isBeyond = suspects.map(({ id }) => valve.beyond.has(id))
  return (['before', 'beyond'] as const).reduce((sum, side) => {
    const weights = belief.chances.map(
      (chance, which) => chance * ((isBeyond[which] ? 'beyond' : 'before') === side ? valveIsRight : 1 - valveIsRight),
    )
    const chance = weights.reduce((all, weight) => all + weight, 0)
    return sum + chance * placeByPlace(suspects, { ...belief, chances: spread(weights) }).expected
  }, seconds)
}

/** Valves not shut yet that part the chances most evenly. */
function valvesToWeigh(
  suspects: readonly Suspect[],
  { chances }: Belief,
  valves: readonly ValveSides[],
  results: readonly CheckResult[],
): ValveSides[] {
  const shut = new Set(results.map(({ at }) => at))
  const chanceBeyond = ({ beyond }: ValveSides) =>
    suspects.reduce((sum, { id }, which) => sum + (beyond.has(id) ? chances[which]! : 0), 0)
  return valves
    .filter(({ id }) => !shut.has(id))
    .map((valve) => ({ valve, off: Math.abs(chanceBeyond(valve) - 0.5) }))
    .sort((a, b) => a.off - b.off)
    .slice(0, mostValves)
    .map(({ valve }) => valve)
}

function placesOf(suspects: readonly Suspect[], chances: Float64Array): LeakSearch['places'] {
  return suspects.map((suspect, which) => ({ suspect, chance: chances[which]! })).sort((a, b) => b.chance - a.chance)
}

/**
 * Where a leak is, as far as the checks made have told, and what to check next: the place with the best chance of finding
 * it a second, unless a valve shut first is expected to bring it to light sooner.
 *
 * One leak is sought: where two were, the search goes on when the first is mended and it still falls.
 *
 * @param results checks made, in any order
 * @param valveSeconds how long it takes to tell by a valve
 * @remarks for instance: two joints, one three times as likely: look at that one first; dry, at the other
 */
export function leakSearch(
  suspects: readonly Suspect[],
  valves: readonly ValveSides[],
  results: readonly CheckResult[],
  valveSeconds: number,
): LeakSearch {
  if (suspects.length === 0) return { places: [], found: null, next: null, expected: 0 }
  const belief = beliefAfter(suspects, valves, results)
  const places = placesOf(suspects, belief.chances)
  const seen = results.findLast(({ result }) => result === 'leaks')
  const found = suspects.find(({ id }) => id === seen?.at) ?? null
  if (found) return { places, found, next: null, expected: 0 }
  const { first, expected } = placeByPlace(suspects, belief)
  const byValve = valvesToWeigh(suspects, belief, valves, results)
    .map((valve) => ({ valve, expected: expectedByValve(suspects, belief, valve, valveSeconds) }))
    .sort((a, b) => a.expected - b.expected)[0]
  if (byValve && byValve.expected < expected)
    return {
      places,
      found,
      next: { check: 'valve', valve: byValve.valve, seconds: valveSeconds },
      expected: byValve.expected,
    }
  const next = first && { check: first.check, at: suspects[first.which]!, seconds: first.seconds }
  return { places, found, next, expected }
}

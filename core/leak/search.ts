import type { CheckResult, SpotCheck } from '../log/leak-check'
import type { Vector } from '../quantity/vector'
import { beliefAfter, chanceOfAnswer, spread, type Belief, type Sought } from './belief'
import { secondsOf, valveAnswers, valveSeconds } from './checks'
import { candidateAt, secondsExpected } from './place-by-place'
import { secondLeak } from './second-leak'
import { walkingSeconds, type Spot } from './spots'
import type { ValveSides } from './valve-sides'

export type NextCheck =
  | { readonly check: 'walk'; readonly seconds: number }
  | { readonly check: SpotCheck; readonly at: Spot; readonly seconds: number }
  | { readonly check: 'valve'; readonly valve: ValveSides; readonly seconds: number }

export interface LeakSearch {
  /** Where it may be, the likeliest first; the chances add up to 1. */
  readonly places: readonly { readonly spot: Spot; readonly chance: number }[]
  /** Where it was seen; null while it was not. */
  readonly found: Spot | null
  /** Chance that there is another beside the one that was found; 0 while none was. */
  readonly second: number
  readonly next: NextCheck | null
  /** Seconds that the search is still expected to take; 0 where it was found. */
  readonly expected: number
}

/** So many valves are weighed: those that part the chances most evenly. */
const mostValves = 12

/** Seconds that are expected when a valve is shut first: its own, and those of the side that it then shows. */
function expectedByValve(sought: Sought, belief: Belief, valve: ValveSides, asItIs: number): number {
  const isBeyond = sought.spots.map(({ suspects }) => suspects.some(({ id }) => valve.beyond.has(id)))
  const tellsNothing = valveAnswers.both + valveAnswers.neither
  return (['before', 'beyond'] as const).reduce(
    (sum, answer) => {
      const weights = belief.chances.map(
        (chance, which) => chance * chanceOfAnswer(answer, isBeyond[which] ? 'beyond' : 'before'),
      )
      const chance = weights.reduce((all, weight) => all + weight, 0)
      return sum + chance * secondsExpected(sought, { ...belief, chances: spread(weights) })
    },
    valveSeconds(sought.loss.barPerMinute) + tellsNothing * asItIs,
  )
}

/** Valves not shut yet that part the chances most evenly. */
function valvesToWeigh({ spots, valves }: Sought, { chances }: Belief, results: readonly CheckResult[]): ValveSides[] {
  const shut = new Set(results.filter(({ check }) => check === 'valve').map(({ at }) => at))
  const chanceBeyond = ({ beyond }: ValveSides) =>
    spots.reduce(
      (sum, { suspects }, which) => sum + (suspects.some(({ id }) => beyond.has(id)) ? chances[which]! : 0),
      0,
    )
  return valves
    .filter(({ id }) => !shut.has(id))
    .map((valve) => ({ valve, off: Math.abs(chanceBeyond(valve) - 0.5) }))
    .sort((a, b) => a.off - b.off)
    .slice(0, mostValves)
    .map(({ valve }) => valve)
}

/** Where one stands who made the last check; null where nothing was checked, or where it is unknown. */
function standsAt({ spots }: Sought, results: readonly CheckResult[]): Vector | null {
  const last = results.findLast(({ check }) => check !== 'valve' && check !== 'walk')
  return spots.find(({ id, suspects }) => id === last?.at || suspects.some((of) => of.id === last?.at))?.place ?? null
}

/** Walking counted, the place with the best chance of finding it a second. */
function nextPlace(sought: Sought, { chances, inVain }: Belief, results: readonly CheckResult[]): NextCheck {
  const here = standsAt(sought, results)
  const best = sought.spots
    .map((spot, which) => {
      const way = walkingSeconds(here, spot.place)
      const of = candidateAt(sought, { which, chance: chances[which]!, way }, inVain.get(spot.id) ?? [])
      return { ...of, seconds: of.seconds + way }
    })
    .reduce((a, b) => (b.ratio > a.ratio ? b : a))
  return { check: best.check, at: sought.spots[best.which]!, seconds: best.seconds }
}

function walkRound({ spots }: Sought): NextCheck | null {
  const seen = spots.filter(({ isHidden }) => !isHidden)
  const seconds = seen.reduce((sum, { length }) => sum + secondsOf('walk', length), 0)
  return seen.length > 1 ? { check: 'walk', seconds } : null
}

/**
 * Where a leak is, as far as the checks made have told, and what to check next: first one walk round, then the place with
 * the best chance of finding it a second, unless a valve shut first is expected to bring it to light sooner.
 *
 * One leak is sought; how likely a second one is stands beside it once it is found.
 *
 * @param results checks made, in the order of their making
 * @remarks for instance: two joints, one three times as likely: look at that one first; dry, at the other
 */
export function leakSearch(sought: Sought, results: readonly CheckResult[]): LeakSearch {
  if (sought.spots.length === 0) return { places: [], found: null, second: 0, next: null, expected: 0 }
  const belief = beliefAfter(sought, results)
  const places = sought.spots
    .map((spot, which) => ({ spot, chance: belief.chances[which]! }))
    .sort((a, b) => b.chance - a.chance)
  const seen = results.findLast(({ result }) => result === 'leaks')
  const found =
    sought.spots.find(({ id, suspects }) => id === seen?.at || suspects.some((of) => of.id === seen?.at)) ?? null
  if (found) return { places, found, second: secondLeak(belief, found, results), next: null, expected: 0 }
  const expected = secondsExpected(sought, belief)
  const walk = results.length > 0 ? null : walkRound(sought)
  if (walk) return { places, found, second: 0, next: walk, expected: walk.seconds + expected }
  const byValve = valvesToWeigh(sought, belief, results)
    .map((valve) => ({ valve, expected: expectedByValve(sought, belief, valve, expected) }))
    .sort((a, b) => a.expected - b.expected)[0]
  if (byValve && byValve.expected < expected) {
    const seconds = valveSeconds(sought.loss.barPerMinute)
    return {
      places,
      found,
      second: 0,
      next: { check: 'valve', valve: byValve.valve, seconds },
      expected: byValve.expected,
    }
  }
  return { places, found, second: 0, next: nextPlace(sought, belief, results), expected }
}

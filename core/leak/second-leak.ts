import type { CheckResult } from '../log/leak-check'
import type { Belief } from './belief'
import type { Spot } from './spots'

/** Of joints that weigh 1 so many leak; typical. */
const share = 0.0005
/** By how much likelier it is where both sides of a shut valve fell: typical, as a valve may let by. */
const bothSides = 9

/**
 * Chance that there is another leak beside the one that was found: that any of the others leaks, each by its weight and by
 * what was looked at in vain.
 *
 * @returns 0 to 1; typical
 * @remarks for instance: forty crimped joints beside it, 1.5 each, none inspected: 1 − (1 − 0.00075)^40 = 3 %
 */
export function secondLeak({ weights }: Belief, found: Spot, results: readonly CheckResult[]): number {
  const ids = new Set(found.suspects.map(({ id }) => id))
  const none = [...weights].reduce(
    (product, [id, weight]) => (ids.has(id) ? product : product * (1 - Math.min(0.5, share * weight))),
    1,
  )
  const odds = ((1 - none) / none) * (results.some(({ result }) => result === 'both') ? bothSides : 1)
  return odds / (1 + odds)
}

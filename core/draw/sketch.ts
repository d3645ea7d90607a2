import { drawnLength, type System } from '../job/system'
import { layOut, type Layout } from '../run/layout'
import { hasNoPipe } from '../run/states'

/**
 * A length as it is sketched: the root of its share of the middle one, so that short legs are drawn longer and long ones
 * shorter, and what is longer stays longer.
 *
 * @param middle the length that keeps its own, in mm, above 0
 * @example sketched(250, 1000) // 500
 * @example sketched(4000, 1000) // 2000
 */
export const sketched = (length: number, middle: number): number => middle * Math.sqrt(length / middle)

/**
 * A run as a fitter sketches it, not to scale: every leg long enough to be read. What closes a loop or reaches a fixed
 * point keeps its scale, since it would no longer meet.
 */
export function sketchOf(layout: Layout): Layout {
  const { system, closingLegs } = layout
  const legs = system.legs.filter((leg) => !hasNoPipe(leg) && drawnLength(leg) > 0)
  const fixed = system.nodes.filter(({ at }) => at !== undefined).length
  if (closingLegs.size > 0 || fixed > 1 || legs.length < 2) return layout
  const middle = Math.exp(legs.reduce((sum, leg) => sum + Math.log(drawnLength(leg)), 0) / legs.length)
  const drawn = new Set(legs.map(({ id }) => id))
  const short: System = {
    ...system,
    legs: system.legs.map((leg) => (drawn.has(leg.id) ? { ...leg, length: sketched(drawnLength(leg), middle) } : leg)),
  }
  return layOut(short)
}

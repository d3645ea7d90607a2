import { threadDiameter } from '../catalogue/thread-size'
import type { Costs } from '../workshop/costs'
import type { Fitting, FittingEnd, FittingKind } from '../catalogue/fitting'

/** How much dearer than a coupling a fitting of this kind is; made up, like the prices. */
export const dearness: Readonly<Record<FittingKind, number>> = {
  coupling: 1,
  'slip coupling': 1.4,
  reducer: 1.3,
  'fitting reducer': 1.2,
  converter: 1.6,
  bushing: 1.1,
  'dielectric union': 4,
  'thread adapter': 1.4,
  union: 2.6,
  valve: 5,
  'part in line': 5,
  'angle stop': 5,
  'radiator valve': 6,
  'elbow 90': 1.6,
  'elbow 45': 1.7,
  'street elbow 90': 1.6,
  'street elbow 45': 1.7,
  tee: 2.2,
  adapter: 1.5,
  'swivel connector': 1.7,
  'drop-ear elbow': 2,
  'stub-out': 3,
  nipple: 0.8,
  cap: 0.7,
  plug: 0.7,
}
const reference = 15
/** Brass goes with the surface: a little more than the square root of the volume. */
const growth = 1.4

function endPrice(end: FittingEnd, { methods }: Costs): number {
  const diameter = end.type === 'thread' ? threadDiameter(end.size) * 0.7 : end.socket.od
  const method = end.type === 'thread' ? 'thread' : end.socket.method
  return (methods[method].fitting / 2) * (diameter / reference) ** growth
}

/**
 * What a fitting costs by the user's prices: half a coupling's price an end, by method and size, times its kind.
 *
 * @remarks for instance: a 15 solder coupling at the shipped prices: 0.90
 */
export function fittingPrice(fitting: Fitting, costs: Costs): number {
  const ends = fitting.ends.reduce((sum, end) => sum + endPrice(end, costs), 0)
  return Math.round(ends * dearness[fitting.kind] * 100) / 100
}

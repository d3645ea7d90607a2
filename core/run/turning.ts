import type { Direction } from '../job/job'
import { axes } from '../job/kinds'
import { degrees, radians } from '../quantity/angle'
import { dot, plus, times, unitOf, type Vector } from '../quantity/vector'
import { unitVector } from '../job/direction'

const tidy = (value: number): number => Math.round(value * 1e6) / 1e6 + 0

/**
 * The direction in which a vector points: one of the six axes where it lies along one, else bearing and pitch.
 *
 * @throws RangeError for a vector of no length
 * @example directionOf([0, 0, 3]) // 'up'
 * @example directionOf([1, 1, 0]) // { bearing: 45, pitch: 0 }
 */
export function directionOf(vector: Vector): Direction {
  const unit = unitOf(vector)
  return axes.find((name) => dot(unitVector(name), unit) > 1 - 1e-9) ?? anglesOf(unit)
}

/** The bearing and pitch of a unit vector; the bearing of one that is upright is 0. */
function anglesOf(unit: Vector): Exclude<Direction, string> {
  return {
    bearing: tidy((degrees(Math.atan2(unit[0], unit[1])) + 360) % 360),
    pitch: tidy(degrees(Math.asin(Math.max(-1, Math.min(1, unit[2]))))),
  }
}

/**
 * The same direction, said by its bearing and pitch.
 *
 * @example asAngles('down') // { bearing: 0, pitch: -90 }
 */
export const asAngles = (direction: Direction): Exclude<Direction, string> =>
  typeof direction === 'string' ? anglesOf(unitVector(direction)) : direction

/**
 * A direction turned towards another one square to it.
 *
 * @example turnTowards('east', 'up', 45) // { bearing: 90, pitch: 45 }
 */
export function turnTowards(from: Direction, towards: Direction, angle: number): Direction {
  const [ahead, aside] = [unitVector(from), unitVector(towards)]
  if (Math.abs(dot(ahead, aside)) > 1e-6) throw new RangeError('Towards: a direction square to the pipe')
  return directionOf(plus(times(ahead, Math.cos(radians(angle))), aside, Math.sin(radians(angle))))
}

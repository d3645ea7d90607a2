import type { Direction } from '../job/job'
import { axes } from '../job/job'
import { unitVector, type Vector } from './direction'

const degrees = (angle: number): number => (angle * 180) / Math.PI
const radians = (angle: number): number => (angle * Math.PI) / 180
const tidy = (value: number): number => Math.round(value * 1e6) / 1e6 + 0

export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
export const plus = (a: Vector, b: Vector, times = 1): Vector => [
  a[0] + times * b[0],
  a[1] + times * b[1],
  a[2] + times * b[2],
]
export const lengthOf = (of: Vector): number => Math.hypot(...of)

/**
 * The direction in which a vector points: one of the six axes where it lies along one, else bearing and pitch.
 *
 * @throws RangeError for a vector of no length
 * @example directionOf([0, 0, 3]) // 'up'
 * @example directionOf([1, 1, 0]) // { bearing: 45, pitch: 0 }
 */
export function directionOf(vector: Vector): Direction {
  const length = lengthOf(vector)
  if (!(length > 0)) throw new RangeError('a vector of no length has no direction')
  const unit: Vector = [vector[0] / length, vector[1] / length, vector[2] / length]
  const axis = axes.find((name) => dot(unitVector(name), unit) > 1 - 1e-9)
  if (axis) return axis
  return {
    bearing: tidy((degrees(Math.atan2(unit[0], unit[1])) + 360) % 360),
    pitch: tidy(degrees(Math.asin(Math.max(-1, Math.min(1, unit[2]))))),
  }
}

/** A vector turned about a unit axis, right-handed, by so many degrees. */
export function turnedAbout(of: Vector, axis: Vector, angle: number): Vector {
  const [cosine, sine] = [Math.cos(radians(angle)), Math.sin(radians(angle))]
  const along = dot(of, axis) * (1 - cosine)
  const across = cross(axis, of)
  return [
    of[0] * cosine + across[0] * sine + axis[0] * along,
    of[1] * cosine + across[1] * sine + axis[1] * along,
    of[2] * cosine + across[2] * sine + axis[2] * along,
  ]
}

/**
 * A direction turned towards another one square to it.
 *
 * @example turnTowards('east', 'up', 45) // bearing 90, pitch 45
 */
export function turnTowards(from: Direction, towards: Direction, angle: number): Direction {
  const [ahead, aside] = [unitVector(from), unitVector(towards)]
  if (Math.abs(dot(ahead, aside)) > 1e-6) throw new RangeError('Towards: a direction square to the pipe')
  return directionOf(
    plus(ahead.map((part) => part * Math.cos(radians(angle))) as unknown as Vector, aside, Math.sin(radians(angle))),
  )
}

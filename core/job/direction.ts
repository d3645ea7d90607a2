import type { Axis, Direction } from './job'
import { degrees, radians } from '../quantity/angle'
import { cross, dot, type Vector } from '../quantity/vector'

const axisVectors: Readonly<Record<Axis, Vector>> = {
  east: [1, 0, 0],
  west: [-1, 0, 0],
  north: [0, 1, 0],
  south: [0, -1, 0],
  up: [0, 0, 1],
  down: [0, 0, -1],
}

/**
 * A direction as a unit vector.
 *
 * @example unitVector('up') // [0, 0, 1]
 * @example unitVector({ bearing: 90, pitch: 0 }) // [1, 0, 0]; east
 */
export function unitVector(direction: Direction): Vector {
  if (typeof direction === 'string') return axisVectors[direction]
  const level = Math.cos(radians(direction.pitch))
  return [
    level * Math.sin(radians(direction.bearing)),
    level * Math.cos(radians(direction.bearing)),
    Math.sin(radians(direction.pitch)),
  ]
}

export const opposite = ([x, y, z]: Vector): Vector => [-x, -y, -z]

const opposites: Readonly<Record<Axis, Axis>> = {
  east: 'west',
  west: 'east',
  north: 'south',
  south: 'north',
  up: 'down',
  down: 'up',
}

/** The direction back along a leg. */
export function oppositeDirection(direction: Direction): Direction {
  if (typeof direction === 'string') return opposites[direction]
  return { bearing: (direction.bearing + 180) % 360, pitch: -direction.pitch }
}

/** The angle between two unit vectors, in degrees from 0 to 180. */
export function angleBetween(a: Vector, b: Vector): number {
  const cosine = dot(a, b)
  return degrees(Math.acos(Math.min(1, Math.max(-1, cosine))))
}

/**
 * By how much a tube is turned about its length between two bends, in degrees, −180 to 180, right-handed.
 *
 * @param before direction before the first bend; `between` the two; `after` the second
 * @remarks for instance: east, north, up: the second bend stands 90 degrees from the first
 */
export function turnBetweenBends(before: Vector, between: Vector, after: Vector): number {
  const first = cross(before, between)
  const second = cross(between, after)
  return degrees(Math.atan2(dot(cross(first, second), between), dot(first, second)))
}

const uprightFrom = 75

/** An upright leg stands within 15 degrees of the plumb line; anything flatter is held like a level one. */
export function attitudeOf(direction: Direction): 'horizontal' | 'vertical' {
  if (typeof direction === 'string') return direction === 'up' || direction === 'down' ? 'vertical' : 'horizontal'
  return Math.abs(direction.pitch) >= uprightFrom ? 'vertical' : 'horizontal'
}

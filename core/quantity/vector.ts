import { radians } from './angle'
/** A place or a way in space, in mm or as a unit vector: east, north, up in a run; along, aside, above on a bench. */
export type Vector = readonly [number, number, number]

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
/** A vector so many times as long. */
export const times = ([x, y, z]: Vector, by: number): Vector => [x * by, y * by, z * by]
export const minus = (a: Vector, b: Vector): Vector => plus(a, b, -1)
export const lengthOf = (of: Vector): number => Math.hypot(...of)
export const distance = (a: Vector, b: Vector): number => lengthOf(minus(a, b))

/**
 * The same way with a length of one.
 *
 * @throws RangeError for a vector of no length: it has no direction
 */
export function unitOf(of: Vector): Vector {
  const length = lengthOf(of)
  if (!(length > 0)) throw new RangeError('a vector of no length has no direction')
  return [of[0] / length, of[1] / length, of[2] / length]
}

/** A vector turned about a unit axis, right-handed, by so many degrees (Rodrigues). */
export function turnedAbout(of: Vector, axis: Vector, degrees: number): Vector {
  const angle = radians(degrees)
  const [cosine, sine] = [Math.cos(angle), Math.sin(angle)]
  const along = dot(of, axis) * (1 - cosine)
  const across = cross(axis, of)
  return [
    of[0] * cosine + across[0] * sine + axis[0] * along,
    of[1] * cosine + across[1] * sine + axis[1] * along,
    of[2] * cosine + across[2] * sine + axis[2] * along,
  ]
}

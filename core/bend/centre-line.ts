import { markTube, type Tube, type TubeBend } from './tube'

/** A place in space in mm: the tube starts at the origin and runs along x, its first bend turns towards y. */
export type Place = readonly [number, number, number]

const radians = (degrees: number): number => (degrees * Math.PI) / 180
const plus = (a: Place, b: Place, times: number): Place => [
  a[0] + times * b[0],
  a[1] + times * b[1],
  a[2] + times * b[2],
]
const cross = (a: Place, b: Place): Place => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]

/** A vector turned about a unit axis square to it. */
const turned = (of: Place, axis: Place, degrees: number): Place => {
  const across = cross(axis, of)
  return plus(
    [of[0] * Math.cos(radians(degrees)), of[1] * Math.cos(radians(degrees)), of[2] * Math.cos(radians(degrees))],
    across,
    Math.sin(radians(degrees)),
  )
}

/** A corner of the centre lines or an end, and the points of the bent line about it. */
export interface CentreLine {
  /** Both ends and the corners between. */
  readonly corners: readonly Place[]
  /** The line itself, bends as short straight steps. */
  readonly line: readonly Place[]
}

/** A bend as it stands in the tube's line. */
type LineBend = Pick<TubeBend, 'angle' | 'radius' | 'turn'>

/**
 * The line through straight lengths and the bends between them.
 *
 * @param straights one more than there are bends
 * @param step greatest turn of one step within a bend, in degrees
 */
export function lineThrough(straights: readonly number[], bends: readonly LineBend[], step: number): CentreLine {
  let at: Place = [0, 0, 0]
  let along: Place = [1, 0, 0]
  let towards: Place = [0, 1, 0]
  const line: Place[] = [at]
  const corners: Place[] = [at]
  for (const [index, { angle, radius, turn }] of bends.entries()) {
    at = plus(at, along, straights[index]!)
    line.push(at)
    towards = turned(towards, along, turn)
    corners.push(plus(at, along, radius * Math.tan(radians(angle) / 2)))
    const axis = cross(along, towards)
    const centre = plus(at, towards, radius)
    const steps = Math.max(2, Math.ceil(angle / step))
    for (let count = 1; count <= steps; count += 1) {
      const outward = turned(towards, axis, (angle * count) / steps)
      line.push(plus(centre, outward, -radius))
    }
    at = line.at(-1)!
    along = turned(along, axis, angle)
    towards = turned(towards, axis, angle)
  }
  at = plus(at, along, straights.at(-1)!)
  return { corners: [...corners, at], line: [...line, at] }
}

/**
 * The bent tube's centre line.
 *
 * @param step greatest turn of one step within a bend, in degrees
 */
export function centreLine(tube: Tube, step = 3): CentreLine {
  const { straights, bends } = markTube(tube)
  return lineThrough(straights, bends, step)
}

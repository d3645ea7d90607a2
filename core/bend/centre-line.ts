import { radians } from '../quantity/angle'
import { cross, plus, turnedAbout, type Vector } from '../quantity/vector'
import { markTube, type Tube, type TubeBend } from './tube'

/** The tube starts at the origin and runs along the first axis, its first bend turns towards the second. */
export interface CentreLine {
  /** Both ends and the corners between. */
  readonly corners: readonly Vector[]
  /** The line itself, bends as short straight steps. */
  readonly line: readonly Vector[]
  /** How each bend stands where it starts: along the tube, and square to that the way it turns. */
  readonly starts: readonly { readonly at: Vector; readonly along: Vector; readonly towards: Vector }[]
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
  let at: Vector = [0, 0, 0]
  let along: Vector = [1, 0, 0]
  let towards: Vector = [0, 1, 0]
  const line: Vector[] = [at]
  const corners: Vector[] = [at]
  const starts: { at: Vector; along: Vector; towards: Vector }[] = []
  for (const [index, { angle, radius, turn }] of bends.entries()) {
    at = plus(at, along, straights[index]!)
    line.push(at)
    towards = turnedAbout(towards, along, turn)
    starts.push({ at, along, towards })
    corners.push(plus(at, along, radius * Math.tan(radians(angle) / 2)))
    const axis = cross(along, towards)
    const centre = plus(at, towards, radius)
    const steps = Math.max(2, Math.ceil(angle / step))
    for (let count = 1; count <= steps; count += 1) {
      const outward = turnedAbout(towards, axis, (angle * count) / steps)
      line.push(plus(centre, outward, -radius))
    }
    at = line.at(-1)!
    along = turnedAbout(along, axis, angle)
    towards = turnedAbout(towards, axis, angle)
  }
  at = plus(at, along, straights.at(-1)!)
  return { corners: [...corners, at], line: [...line, at], starts }
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

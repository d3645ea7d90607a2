import { degrees, radians } from '../quantity/angle'
import { fixed } from '../quantity/words/sentence'
import { refusalsOf } from '../quantity/words/refusal'
import type { Tube } from './tube'

const refuse = refusalsOf({
  id: 'offset',
  messages: {
    angle: fixed('Angle: more than 0, at most 90 degrees'),
    set: fixed('Set: more than nought'),
    crossover: fixed('Angle: more than 0, less than 90 degrees'),
  },
})

export interface Offset {
  /** True set: how far the pipe is moved aside, in mm. */
  readonly set: number
  /** Which way it is moved: degrees from straight up towards the roll; 0 for a plain offset. */
  readonly roll: number
  /** Along the pipe from corner to corner: set / sin t. */
  readonly travel: number
  /** Along the run from corner to corner: set / tan t. */
  readonly advance: number
  /** By how much the way is longer than straight on: travel − advance = set tan(t/2). */
  readonly shortening: number
}

/**
 * An offset of two equal bends: leg along the pipe = set / sin t, shortening of the run = set tan(t/2).
 *
 * @param rise how far it is moved up or aside, in mm
 * @param angle of both bends or elbows, above 0 to 90 degrees
 * @param roll how far it is moved square to the rise, for a rolling offset; set = √(rise² + roll²)
 * @throws RangeError for an angle or a set that makes no offset
 * @example offset(100, 45) // { travel: 141.4, advance: 100, shortening: 41.4 }
 * @example offset(300, 45, 400) // { set: 500, roll: 53.1, travel: 707.1 }
 */
export function offset(rise: number, angle: number, roll = 0): Offset {
  if (!(angle > 0 && angle <= 90)) throw refuse('angle')
  const set = Math.hypot(rise, roll)
  if (!(set > 0)) throw refuse('set')
  const travel = set / Math.sin(radians(angle))
  const advance = angle === 90 ? 0 : set / Math.tan(radians(angle))
  return { set, roll: degrees(Math.atan2(roll, rise)), travel, advance, shortening: travel - advance }
}

/** The tube of an offset: straight before, the two bends, straight after; the second bend turns back. */
export const offsetTube = (
  rise: number,
  angle: number,
  radius: number,
  { before, after }: { readonly before: number; readonly after: number },
): Tube => ({
  legs: [before, offset(rise, angle).travel, after],
  bends: [
    { angle, radius, turn: 0 },
    { angle, radius, turn: 180 },
  ],
})

/**
 * A crossover of three bends: over an obstacle and back, the middle bend twice the outer ones.
 *
 * @param height of the middle corner over the run, in mm
 * @param angle of the outer bends, above 0 and below 90 degrees
 * @remarks for instance: height 60 at 22.5°: outer corners 156.8 to either side of the middle one along the pipe
 */
export function crossoverThree(
  height: number,
  angle: number,
  radius: number,
  { before, after }: { readonly before: number; readonly after: number },
): Tube {
  if (!(angle < 90)) throw refuse('crossover')
  const { travel } = offset(height, angle)
  return {
    legs: [before, travel, travel, after],
    bends: [
      { angle, radius, turn: 0 },
      { angle: 2 * angle, radius, turn: 180 },
      { angle, radius, turn: 180 },
    ],
  }
}

/** A crossover of four bends: an offset out, a straight across the obstacle, an offset back. */
export const crossoverFour = (
  height: number,
  angle: number,
  radius: number,
  { across, before, after }: { readonly across: number; readonly before: number; readonly after: number },
): Tube => {
  const { travel } = offset(height, angle)
  return {
    legs: [before, travel, across, travel, after],
    bends: [
      { angle, radius, turn: 0 },
      { angle, radius, turn: 180 },
      { angle, radius, turn: 0 },
      { angle, radius, turn: 180 },
    ],
  }
}

/** Two 90s: a U where the second goes on the same way round, an S where it turns back. */
export const twoNineties = (
  across: number,
  radius: number,
  { before, after }: { readonly before: number; readonly after: number },
  shape: 'u' | 's',
): Tube => ({
  legs: [before, across, after],
  bends: [
    { angle: 90, radius, turn: 0 },
    { angle: 90, radius, turn: shape === 'u' ? 0 : 180 },
  ],
})

import { radians } from '../quantity/angle'

/** A pulled bend's lengths along and beside the pipe, in mm. */
export interface BendLengths {
  /** From the corner of the centre lines to where the bend starts. */
  readonly setBack: number
  /** Along the bend's centre line. */
  readonly arc: number
  /** By how much the pipe through the bend is shorter than the way round the corner. */
  readonly gain: number
}

/**
 * The lengths of a pulled bend: set-back R tan(t/2), arc R t, gain 2 R tan(t/2) − R t.
 *
 * @param radius centre-line radius in mm, above 0
 * @param angle of bend in degrees, above 0 and below 180
 * @throws RangeError outside these ranges
 * @example bendLengths(88, 90) // { setBack: 88, arc: 138.23, gain: 37.77 }
 */
export function bendLengths(radius: number, angle: number): BendLengths {
  if (!(radius > 0)) throw new RangeError('a bend’s radius is more than 0 mm')
  if (!(angle > 0 && angle < 180)) throw new RangeError('a bend’s angle is between 0 and 180 degrees')
  const turn = radians(angle)
  const setBack = radius * Math.tan(turn / 2)
  const arc = radius * turn
  return { setBack, arc, gain: 2 * setBack - arc }
}

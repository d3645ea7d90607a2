import { radians } from '../quantity/angle'
import { fixed } from '../quantity/words/sentence'
import { refusalsOf } from '../quantity/words/refusal'
import type { Bender } from './bender-schema'
import { bendLengths } from './geometry'
import type { BendDirection } from './marking'

export type { Bender } from './bender-schema'
export type { BendDirection, MarkingMethod } from './marking'

/** Centre-line radius that is typical for a pipe until its bender is known, in mm: four times its outside diameter. */
export const typicalRadius = (od: number): number => 4 * od

/**
 * Where a school puts its mark, in mm after the start of the bend.
 *
 * The centre line of the next leg crosses the straight tube one set-back after the start. A former's edge stands one
 * set-back of the same angle before that centre line, so that its mark falls on the start; the bender's own offset
 * corrects either.
 */
export function markFromStart(bender: Bender, angle: number, direction: BendDirection = 'forwards'): number {
  const { school, radius } = bender
  return offsetAt(bender, angle, direction) + (school === 'centre line' ? bendLengths(radius, angle).setBack : 0)
}

/**
 * The bender's own offset at an angle: between two calibrated angles in proportion, beyond them that of the nearest; where
 * none is calibrated in this direction, the bender's one offset.
 */
function offsetAt({ marks, markOffset }: Bender, angle: number, direction: BendDirection): number {
  const known = marks.filter((mark) => mark.direction === direction).sort((a, b) => a.angle - b.angle)
  const above = known.find((mark) => mark.angle >= angle)
  const below = known.findLast((mark) => mark.angle <= angle)
  if (!above || !below) return (above ?? below)?.offset ?? markOffset
  if (above.angle === below.angle) return below.offset
  const share = (angle - below.angle) / (above.angle - below.angle)
  return below.offset + share * (above.offset - below.offset)
}

/**
 * To what angle a bend is pulled so that it stands at `angle` when let go: spring-back grows with the angle.
 *
 * @remarks for instance: springBack 3 at 90°: pull 45 to 46.5
 */
export const pullTo = ({ springBack }: Bender, angle: number): number => angle + (springBack * angle) / 90

/** What was measured on a scrap that was bent; mm and degrees. */
export interface ScrapBend {
  readonly length: number
  /** Where the scrap was marked, from its first end. */
  readonly mark: number
  /** Read on the bender's scale at the end of the pull. */
  readonly pulled: number
  /** The angle that came out. */
  readonly angle: number
  /** From the first end to the centre line of the other leg, and from the second end to that of the first. */
  readonly first: number
  readonly second: number
  /** ± of each of the three lengths, in mm; half a millimetre unless said otherwise. */
  readonly readTo?: number
}

export interface Calibration {
  readonly radius: number
  /** ±, from the ± of the three lengths that were read. */
  readonly radiusTolerance: number
  readonly markFromStart: number
  /** Scaled to 90 degrees. */
  readonly springBack: number
}

const measuredTo = 0.5
const refuse = refusalsOf({
  id: 'calibrate',
  messages: {
    angle: fixed('Angle: bend the scrap to between 20 and 150 degrees'),
    legs: fixed('Legs: the two legs together are longer than the scrap once it is bent; measure them again'),
    pulled: fixed('Pulled to: at least the angle that came out'),
    first: fixed('First leg: shorter than the bend itself; measure it again'),
  },
})

/**
 * A bender's figures from one scrap bend. The scrap is shorter than the way round its corner by the gain, and the gain
 * is R (2 tan(t/2) − t): hence R; the bend started one set-back before the corner: hence the mark.
 *
 * @throws RangeError when the figures belong to no bend; its message says which to measure again
 * @remarks for instance: scrap 400, first 262, second 175.77, 90°: gain 37.77, R 88, start at 174
 */
export function calibrate({ length, mark, pulled, angle, first, second, readTo = measuredTo }: ScrapBend): Calibration {
  if (!(angle >= 20 && angle <= 150)) throw refuse('angle')
  const perRadius = 2 * Math.tan(radians(angle) / 2) - radians(angle)
  const gain = first + second - length
  if (!(gain > 0)) throw refuse('legs')
  if (pulled < angle) throw refuse('pulled')
  const radius = gain / perRadius
  const radiusTolerance = (3 * readTo) / perRadius
  const start = first - radius * Math.tan(radians(angle) / 2)
  if (start < 0) throw refuse('first')
  return {
    radius,
    radiusTolerance,
    markFromStart: mark - start,
    springBack: ((pulled - angle) * 90) / angle,
  }
}

/** A bender with what its scrap bend told: its radius with its ±, spring-back, and the mark at this angle and direction. */
export function calibrated(
  bender: Bender,
  scrap: ScrapBend,
  when: string,
  direction: BendDirection = 'forwards',
): Bender {
  const { radius, radiusTolerance, markFromStart: offset, springBack } = calibrate(scrap)
  // Plus nought: a nought below nought is written with a sign.
  const round = (value: number) => Math.round(value * 10) / 10 + 0
  const own = round(offset - markFromStart({ ...bender, radius, marks: [], markOffset: 0 }, scrap.angle))
  const others = bender.marks.filter((mark) => mark.angle !== scrap.angle || mark.direction !== direction)
  return {
    ...bender,
    radius: round(radius),
    radiusTolerance: round(radiusTolerance),
    markOffset: own,
    marks: [...others, { angle: scrap.angle, direction, offset: own }],
    springBack: round(springBack),
    calibrated: when,
  }
}

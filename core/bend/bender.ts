import * as z from 'zod'
import { bendLengths } from './geometry'

/** How a bend is marked and laid in the former. Which is right is habit; each is calibrated to the user's own bender. */
export const markingSchools = ['start of bend', 'centre line', 'former edge'] as const
export type MarkingSchool = (typeof markingSchools)[number]

export const schoolHow: Readonly<Record<MarkingSchool, string>> = {
  'start of bend': 'Mark where the bend starts, and lay the mark at the former’s nought.',
  'centre line': 'Mark the centre line of the leg after the bend, and line it up with an offcut held in the former.',
  'former edge': 'From the centre line measure back to the former’s edge, and lay the mark at the edge.',
}

const mm = (least: number, most: number, what: string) => {
  const text = `${what}: ${least} to ${most} mm`
  return z.number({ error: text }).min(least, text).max(most, text)
}
const degrees = (least: number, most: number, what: string) => {
  const text = `${what}: ${least} to ${most} degrees`
  return z.number({ error: text }).min(least, text).max(most, text)
}

/** Centre-line radius that is typical for a pipe until its bender is known, in mm: four times its outside diameter. */
export const typicalRadius = (od: number): number => 4 * od

/** One bender with one former; lengths in mm, angles in degrees. */
export const benderSchema = z.object({
  name: z.string().trim().min(1, 'a name of 1 to 60 characters').max(60, 'a name of 1 to 60 characters'),
  od: mm(3, 120, 'outside diameter of its pipe'),
  radius: mm(5, 2000, 'centre-line radius'),
  /** From the calculated start of bend to where this bender wants its mark; forwards is more. */
  markOffset: mm(-500, 500, 'mark offset').default(0),
  school: z.enum(markingSchools).default('start of bend'),
  /** By how much a bend of 90 degrees comes back when let go. */
  springBack: degrees(0, 30, 'spring-back at 90°').default(0),
  /** Straight pipe that the hook needs before the bend. */
  grip: mm(0, 1000, 'straight to grip').default(0),
  /** Straight pipe that the lever’s shoe needs after the start of the bend. */
  shoe: mm(0, 1000, 'straight under the shoe').default(0),
  /** From the bending plane down to bench or floor; left out where it is held in the hands. */
  below: mm(0, 3000, 'room under the bending plane').optional(),
  /** To which side it bends the pipe, seen from above with the hook behind. */
  turns: z.enum(['left', 'right']).default('left'),
  calibrated: z.string().max(40).optional(),
})
export type Bender = z.output<typeof benderSchema>

/**
 * Where a school puts its mark, in mm after the start of the bend.
 *
 * The centre line of the next leg crosses the straight tube one set-back after the start. A former's edge stands one
 * set-back of the same angle before that centre line, so that its mark falls on the start; the bender's own offset
 * corrects either.
 */
export function markFromStart({ school, markOffset, radius }: Bender, angle: number): number {
  return markOffset + (school === 'centre line' ? bendLengths(radius, angle).setBack : 0)
}

/**
 * To what angle a bend is pulled so that it stands at `angle` when let go: spring-back grows with the angle.
 *
 * @example springBack 3 at 90°: pull 45 to 46.5
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
}

export interface Calibration {
  readonly radius: number
  /** ±, when each length was measured to ± 0.5 mm. */
  readonly radiusTolerance: number
  readonly markFromStart: number
  /** Scaled to 90 degrees. */
  readonly springBack: number
}

const measuredTo = 0.5
const radiansOf = (angle: number): number => (angle * Math.PI) / 180

/**
 * A bender's figures from one scrap bend. The scrap is shorter than the way round its corner by the gain, and the gain
 * is R (2 tan(t/2) − t): hence R; the bend started one set-back before the corner: hence the mark.
 *
 * @throws RangeError when the figures belong to no bend; its message says which to measure again
 * @example scrap 400, first 262, second 175.77, 90°: gain 37.77, R 88, start at 174
 */
export function calibrate({ length, mark, pulled, angle, first, second }: ScrapBend): Calibration {
  if (!(angle >= 20 && angle <= 150)) throw new RangeError('Angle: bend the scrap to between 20 and 150 degrees')
  const perRadius = 2 * Math.tan(radiansOf(angle) / 2) - radiansOf(angle)
  const gain = first + second - length
  if (!(gain > 0)) {
    throw new RangeError('Legs: the two legs together are longer than the scrap once it is bent; measure them again')
  }
  if (pulled < angle) throw new RangeError('Pulled to: at least the angle that came out')
  const radius = gain / perRadius
  const start = first - radius * Math.tan(radiansOf(angle) / 2)
  if (start < 0) throw new RangeError('First leg: shorter than the bend itself; measure it again')
  return {
    radius,
    radiusTolerance: (3 * measuredTo) / perRadius,
    markFromStart: mark - start,
    springBack: ((pulled - angle) * 90) / angle,
  }
}

/** A bender with what its scrap bend told. */
export function calibrated(bender: Bender, scrap: ScrapBend, when: string): Bender {
  const { radius, markFromStart: offset, springBack } = calibrate(scrap)
  // Plus nought: a nought below nought is written with a sign.
  const round = (value: number) => Math.round(value * 10) / 10 + 0
  const own = round(offset - markFromStart({ ...bender, radius, markOffset: 0 }, scrap.angle))
  return { ...bender, radius: round(radius), markOffset: own, springBack: round(springBack), calibrated: when }
}

import * as z from 'zod'
import { bendDirections, markingMethods } from './marking'

const mm = (least: number, most: number, what: string) => {
  const text = `${what}: ${least} to ${most} mm`
  return z.number({ error: text }).min(least, text).max(most, text)
}
const degrees = (least: number, most: number, what: string) => {
  const text = `${what}: ${least} to ${most} degrees`
  return z.number({ error: text }).min(least, text).max(most, text)
}

/** One bender with one former; lengths in mm, angles in degrees. */
export const benderSchema = z.object({
  name: z.string().trim().min(1, 'a name of 1 to 60 characters').max(60, 'a name of 1 to 60 characters'),
  od: mm(3, 120, 'outside diameter of its pipe'),
  radius: mm(5, 2000, 'centre-line radius'),
  /** From the calculated start of bend to where this bender wants its mark; forwards is more. */
  markOffset: mm(-500, 500, 'mark offset').default(0),
  /** What a scrap bend of an angle, in one direction, told of the mark: it overrules `markOffset` about that angle. */
  marks: z
    .array(
      z.object({
        angle: degrees(1, 179, 'angle of a calibrated mark'),
        direction: z.enum(bendDirections),
        offset: mm(-500, 500, 'mark offset'),
      }),
    )
    .max(40)
    .default([]),
  /** ± of the radius, from the scrap that told it; left out where the radius was typed. */
  radiusTolerance: mm(0, 500, '± of the radius').optional(),
  school: z.enum(markingMethods).default('start of bend'),
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

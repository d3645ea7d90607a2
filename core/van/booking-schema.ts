import * as z from 'zod'

const most = 9999
const countText = `a whole number from ${-most} to ${most}: what came, or below 0 what went`
const thereText = `a whole number from 0 to ${most}`
const lengthText = 'millimetres as a number, more than 0 and at most 200000, or null'
const text = (length: number, of: string) => z.string(of).min(1, of).max(length, of)

/** A row of the van's book: so many of a thing came or went, or were counted. */
export const vanRowSchema = z.strictObject({
  item: text(160, 'what it is in the catalogue, or your own word, in 1 to 160 characters'),
  what: text(200, 'what it is called, in 1 to 200 characters'),
  mm: z.number(lengthText).positive(lengthText).max(200_000, lengthText).nullable().default(null),
  count: z.number(countText).int(countText).min(-most, countText).max(most, countText).default(0),
  /** So many were found there, whatever the book said. */
  counted: z.number(thereText).int(thereText).min(0, thereText).max(most, thereText).optional(),
  /** So many are always to be there. */
  least: z.number(thereText).int(thereText).min(0, thereText).max(most, thereText).optional(),
  /** The job for which it was taken, or from which it came back. */
  job: text(36, 'a job’s id').optional(),
  /** What comes back was left over: the job needs it no more. Else it is only put back, and is to be brought again. */
  leftOver: z.literal(true, 'true, or nothing').optional(),
})
const bookedRowSchema = vanRowSchema.refine(({ count, leftOver }) => !leftOver || count > 0, {
  path: ['leftOver'],
  error: 'only of what comes back: a count above 0',
})
export type VanRow = z.output<typeof vanRowSchema>

export const vanBookingSchema = z.strictObject({
  rows: z.array(bookedRowSchema).min(1, 'at least one row').max(500, 'at most 500 rows at a time'),
})
export type VanBooking = z.output<typeof vanBookingSchema>

import * as z from 'zod'

const lengthText = 'millimetres as a number, more than 0 and at most 200000'

/** An offcut that comes to the rack. */
export const offcutSchema = z.object({
  pipe: z.string().min(1, 'a pipe’s id').max(120, 'a pipe’s id'),
  mm: z.number({ error: lengthText }).positive(lengthText).max(200_000, lengthText),
})
export type NewOffcut = z.output<typeof offcutSchema>

/** An offcut on the rack. */
export interface RackOffcut extends NewOffcut {
  readonly id: number
  /** What it was left from, in words. */
  readonly from: string
}

const barSchema = z.object({
  length: z.number().positive(),
  offcut: z.string().max(60).optional(),
  pieces: z.array(z.object({ id: z.string().max(60), length: z.number().positive() })).max(5000),
  rest: z.number().min(0),
})

/** A plan that was cut: which pieces of a job came from which bars. */
export const cuttingSchema = z.object({
  job: z.string().min(1).max(36),
  pipe: z.string().min(1).max(120),
  bars: z.array(barSchema).max(5000),
})
export type Cutting = z.output<typeof cuttingSchema>

/** Whether a plan that was cut holds just these pieces, whatever they are called now. */
export function cutsJust(bars: Cutting['bars'], pieces: readonly { readonly length: number }[]): boolean {
  const inOrder = (lengths: readonly number[]) => lengths.toSorted((a, b) => a - b).join(' ')
  return (
    inOrder(bars.flatMap((bar) => bar.pieces.map(({ length }) => length))) ===
    inOrder(pieces.map(({ length }) => length))
  )
}

/** What a plan takes from the rack and what it leaves there, booked in one go. */
export const bookingSchema = z.object({
  for: z.string().min(1, 'what it is for, in 1 to 200 characters').max(200, 'what it is for, in 1 to 200 characters'),
  takes: z.array(z.number().int().positive('an offcut’s id')).max(2000).default([]),
  leaves: z.array(offcutSchema).max(2000).default([]),
  cutting: cuttingSchema.optional(),
})
export type Booking = z.output<typeof bookingSchema>

/** Pieces to lay on stock, as asked over HTTP. */
export const stockQuestionSchema = z.object({
  pieces: z
    .array(z.object({ id: z.string().min(1).max(60), length: z.number({ error: lengthText }).positive(lengthText) }))
    .max(5000, 'at most 5000 pieces'),
  barLength: z.number({ error: lengthText }).positive(lengthText).max(200_000, lengthText),
  kerf: z.number().min(0, '0 to 20 mm').max(20, '0 to 20 mm').default(0),
  offcuts: z
    .array(z.object({ id: z.string().min(1).max(60), length: z.number({ error: lengthText }).positive(lengthText) }))
    .max(2000, 'at most 2000 offcuts')
    .default([]),
})

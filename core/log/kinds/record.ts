import * as z from 'zod'
import { timeOfDaySchema, visitSchema } from '../../job/visit-schema'
import { entryKind } from '../kind'

const text = (most: number) => z.string().max(most)
export const shaPattern = /^[0-9a-f]{64}$/

export const note = entryKind(
  { id: 'note', name: 'Note', subject: null },
  z.object({ text: z.string().trim().min(1, 'some words').max(2000) }),
)
export const photo = entryKind(
  { id: 'photo', name: 'Photo', subject: null },
  z.object({
    sha: z.string().regex(shaPattern, 'the SHA-256 of a photo that was sent: 64 digits 0 to f'),
    caption: text(200).optional(),
    beforeCovering: z.boolean().optional(),
  }),
)
/** Pipe that cannot be seen any more, with the joints behind it. */
export const covered = entryKind(
  { id: 'covered', name: 'Closed in', subject: null },
  z.object({
    where: z.string().trim().min(1, 'where it is').max(200),
    joints: z.array(text(200)).max(5000).default([]),
    why: text(500)
      .optional()
      .meta({ description: 'why it is covered though a joint behind it is neither inspected nor tested' }),
  }),
)
export const handedOver = entryKind(
  { id: 'handed-over', name: 'Handed over', subject: null },
  z.object({ to: text(200).optional(), note: text(2000).optional() }),
)
/** When somebody really came to a visit, and left it; null takes back what was said. */
export const visitTimes = entryKind(
  { id: 'visit-times', name: 'Times of a visit', subject: null },
  z.object({
    visit: visitSchema.shape.id,
    began: timeOfDaySchema.nullable().optional(),
    ended: timeOfDaySchema.nullable().optional(),
  }),
)
/** Another body for an entry that stays as it is; or that it does not count. */
export const correction = entryKind(
  { id: 'correction', name: 'Correction', subject: null },
  z.union([z.object({ withdrawn: z.literal(true) }), z.object({ body: z.record(z.string(), z.unknown()) })]),
)

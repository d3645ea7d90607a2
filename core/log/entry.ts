import { safeRead } from '../quantity/safe-read'
import * as z from 'zod'
import { fieldProblems, type FieldProblem } from '../quantity/words/field-problem'
import { entryKinds, kindOf } from './kinds'

const id = z.string().min(8, 'an id of its own: 8 to 60 characters').max(60, 'an id of its own: 8 to 60 characters')
const subjectId = z.string().min(1).max(200)

/** What happened on site, as it was written down: never changed, never taken away. */
export const entrySchema = z.object({
  id,
  kind: z.string().max(40),
  subject: z
    .object({
      joint: subjectId.optional(),
      part: subjectId.optional(),
      leg: subjectId.optional(),
      test: subjectId.optional(),
    })
    .default({}),
  at: z.iso.datetime({ error: 'a time in UTC as 2026-05-04T10:30:00Z' }),
  by: z.string().trim().min(1, 'who wrote it').max(80),
  jobVersion: z.number().int().min(0).max(4_000_000_000),
  body: z.record(z.string(), z.unknown()).default({}),
  replaces: id.optional().meta({ description: 'the entry that a correction stands for' }),
  why: z.string().trim().min(1).max(500).optional(),
})

/** An entry as the server keeps it: with what it noted as it came. */
export const keptEntrySchema = entrySchema.extend({
  arrived: z.iso.datetime().optional().meta({ description: 'when it came to the server, by the server’s clock' }),
  ahead: z
    .number()
    .int()
    .optional()
    .meta({ description: 'ms by which the clock of who sent it was ahead of the server’s, where that was told' }),
})
export type Entry = z.output<typeof keptEntrySchema>

export const entriesSchema = z.object({
  entries: z.array(entrySchema).min(1).max(1000),
  sentAt: z.iso
    .datetime({ error: 'the time by the sender’s clock in UTC, as 2026-05-04T10:30:00Z' })
    .optional()
    .meta({ description: 'by which the server notes how far that clock is off' }),
})

/** What an entry says cannot be so: at its field, with what is accepted. */
export function entryProblems(entry: Entry, at: string): FieldProblem[] {
  const kind = kindOf(entry.kind)
  if (!kind) return [{ field: `${at}.kind`, problem: `one of ${entryKinds.map(({ meta }) => meta.id).join(', ')}` }]
  const problems: FieldProblem[] = []
  const { subject } = kind.meta
  if (subject && entry.subject[subject] === undefined)
    problems.push({ field: `${at}.subject.${subject}`, problem: `the ${subject} that it is about` })
  if (entry.kind === 'correction') {
    if (!entry.replaces) problems.push({ field: `${at}.replaces`, problem: 'the id of the entry that it corrects' })
    if (!entry.why) problems.push({ field: `${at}.why`, problem: 'why it is corrected' })
  }
  const read = safeRead(kind.body, entry.body)
  if (!read.success)
    problems.push(...fieldProblems(read.error).map(({ field, problem }) => ({ field: `${at}.body.${field}`, problem })))
  return problems
}

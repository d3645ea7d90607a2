import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Job } from '~~/core/job/job'
import { readJob } from '~~/core/job/read-job'
import { unknownFields, type FieldProblem } from '~~/core/quantity/words/field-problem'

export type CheckedJob =
  { readonly ok: true; readonly job: Job } | { readonly ok: false; readonly fields: readonly FieldProblem[] }

/** A job file as it is taken: what is wrong in it, and what is not known, is named. */
export function checkJob(input: unknown): CheckedJob {
  const read = readJob(input, shippedCatalogue)
  if (!read.ok) return read
  const fields = unknownFields(input, read.taken)
  return fields.length > 0 ? { ok: false, fields } : { ok: true, job: read.job }
}

/** The same of a text. */
export function checkJobText(text: string): CheckedJob {
  try {
    return checkJob(JSON.parse(text))
  } catch {
    return { ok: false, fields: [notJson(text)] }
  }
}

/** What is wrong with a body that is no JSON. */
export const notJson = (text: string): FieldProblem => ({
  field: '(body)',
  problem: text === '' ? 'there is no body: send JSON' : 'the body is not whole JSON; was it cut short?',
})

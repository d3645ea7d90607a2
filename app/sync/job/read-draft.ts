import type { Catalogue } from '~~/core/catalogue/catalogue'
import { saysTheSame } from '~~/core/edit/merge'
import type { Job } from '~~/core/job/job'
import { readJob } from '~~/core/job/read-job'
import type { KeptDraft } from './save-loop'

/** A text that was kept, as a job of this program; null where it cannot be read. */
export function readKept(text: unknown, catalogue: Catalogue): Job | null {
  const read = readJob(text, catalogue)
  return read.ok ? read.job : null
}

/**
 * What an earlier visit had not yet saved; null where it cannot be read.
 *
 * @param read a text as a job of this program
 */
export function readDraft(
  { job: text, base, attempt, ...kept }: KeptDraft,
  read: (text: unknown) => Job | null,
): KeptDraft | null {
  const job = read(text)
  if (!job) return null
  const sent = attempt && read(attempt.job)
  return {
    ...kept,
    // One text where it is what was sent: the server has it then.
    job: sent && saysTheSame(sent, job) ? sent : job,
    base: read(base),
    attempt: attempt && sent ? { ...attempt, job: sent } : null,
  }
}

import type { HeldJob } from './held'
import type { JobHistory } from './job-history'
import type { JobSaving } from './job-saving'

/** What stands in the end: but for the places that are yielded one's own, or one side alone. */
export type Choice = ReadonlySet<string> | 'mine' | 'theirs'

/**
 * Ends a conflict: with what was saved elsewhere in the places that are yielded and one's own in the others, or with
 * one side alone. What was not chosen comes back by undo.
 *
 * @returns whether the two hold together so; if not, one side must be chosen
 */
export function settleConflict(
  choice: Choice,
  { held, history, saving }: { held: HeldJob; history: JobHistory; saving: JobSaving },
): boolean {
  const { loop } = saving
  const mine = held.job.value
  if (held.status.value.kind !== 'conflict' || !loop || !mine) return true
  const { theirs } = held.status.value
  if (typeof choice !== 'string') {
    const settled = loop.settle(theirs, choice)
    if (!settled) return false
    held.job.value = settled.job
    history.remember(settled.other)
  } else if (choice === 'mine') {
    loop.insist(theirs)
    history.remember(theirs.job)
  } else {
    held.job.value = theirs.job
    loop.yieldTo(theirs)
    history.remember(mine)
  }
  // Entries of the log name the version that the server has.
  held.version.value = theirs.version
  held.generation.value = theirs.generation
  return true
}

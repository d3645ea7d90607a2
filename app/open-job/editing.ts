import { shallowRef, type Ref } from 'vue'
import { withoutLengthsMade } from '~~/core/job/decisions'
import type { Job } from '~~/core/job/job'
import type { JobHistory } from './job-history'
import type { JobSaving } from './job-saving'

interface Edited {
  /** As it was decided. */
  readonly decided: Readonly<Ref<Job | null>>
  /** As edits take it. */
  readonly job: Readonly<Ref<Job | null>>
  readonly history: JobHistory
  readonly saving: JobSaving
}

/** Changes of the open job, one step of its history each. */
export function editJob({ decided, job, history, saving }: Edited) {
  /** Makes a change to the job; nothing happens when it is the same job. */
  function change(next: Job): void {
    if (!decided.value || next === job.value) return
    history.remember(decided.value)
    saving.put(withoutLengthsMade(next))
  }

  /** What undo takes back before the job itself: digits that are typed, say. It tells whether there was anything. */
  const undoFirst = shallowRef<(() => boolean) | null>(null)
  function undo(): void {
    if (undoFirst.value?.()) return
    const before = decided.value && history.back(decided.value)
    if (before) saving.put(before)
  }
  function redo(): void {
    const after = decided.value && history.forth(decided.value)
    if (after) saving.put(after)
  }

  return { change, undo, redo, undoFirst }
}

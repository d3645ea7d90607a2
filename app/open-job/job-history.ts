import { shallowRef, type ShallowRef } from 'vue'
import type { Job } from '~~/core/job/job'
import { through, type History } from '~/sync/job/history'

const longest = 500

/** What undo and redo lead to: whole texts of the job, the newest last and first. */
export interface JobHistory {
  readonly past: ShallowRef<readonly Job[]>
  readonly future: ShallowRef<readonly Job[]>
  /** A change was made to this text: undo leads back to it, and there is nothing to redo. */
  remember(before: Job): void
  /** What an earlier visit kept of it; nothing where it kept none. */
  recall(left: History): void
  /** All of it, to be kept for when the page is loaded again. */
  kept(): History
  /** Nothing but this leads back; nothing at all where it is left out. */
  beginAnew(before?: Job): void
  /** One step back from the text as it is now; null where there is none. */
  back(now: Job): Job | null
  /** One step forth again; null where there is none. */
  forth(now: Job): Job | null
  /** Goes through a change of another's: undo takes back what was done here, and nothing of theirs. */
  goThrough(before: Job, after: Job, isSound: (job: Job) => boolean): void
}

export function jobHistory(): JobHistory {
  const past = shallowRef<readonly Job[]>([])
  const future = shallowRef<readonly Job[]>([])
  const kept = (): History => ({ past: past.value, future: future.value })
  return {
    past,
    future,
    kept,
    remember(before) {
      past.value = [...past.value.slice(-longest), before]
      future.value = []
    },
    recall(left) {
      if (left.past.length + left.future.length === 0) return
      past.value = left.past
      future.value = left.future
    },
    beginAnew(before) {
      past.value = before ? [before] : []
      future.value = []
    },
    back(now) {
      const before = past.value.at(-1) ?? null
      if (!before) return null
      past.value = past.value.slice(0, -1)
      future.value = [now, ...future.value]
      return before
    },
    forth(now) {
      const [after = null, ...rest] = future.value
      if (!after) return null
      past.value = [...past.value, now]
      future.value = rest
      return after
    },
    goThrough(before, after, isSound) {
      const rebased = through(kept(), before, after, isSound)
      past.value = rebased.past
      future.value = rebased.future
    },
  }
}

import { ref, shallowRef, type Ref, type ShallowRef } from 'vue'
import type { Job } from '~~/core/job/job'
import type { SaveStatus } from '~/sync/job/save-loop'

/** The job that is open, as those share it who open it, save it and follow what others save. */
export interface HeldJob {
  readonly id: Ref<string>
  /** Its text as it was decided; null while none is open. */
  readonly job: ShallowRef<Job | null>
  /** Of the text that the server has, as far as it is known here. */
  readonly version: Ref<number>
  /** The life of the server's database in which it has that version. */
  readonly generation: Ref<string | undefined>
  readonly status: ShallowRef<SaveStatus>
  /** Whether this browser keeps what the server does not have yet; false where its storage is full or blocked. */
  readonly isKept: Ref<boolean>
}

/** None is open yet. */
export const holdJob = (job: ShallowRef<Job | null>): HeldJob => ({
  id: ref(''),
  job,
  version: ref(0),
  generation: ref<string>(),
  status: shallowRef<SaveStatus>({ kind: 'saved' }),
  isKept: ref(true),
})

import type { Job } from '~~/core/job/job'
import type { Plan } from '~~/core/plan/types'
import { useJobStore } from '~/stores/job'

/** The open job as edits take it, as it will stand, and its plan; on a page that is only shown while there is one. */
export function useOpenJob() {
  const store = useJobStore()
  const job = computed(() => store.job as Job)
  const built = computed(() => store.built as Job)
  const plan = computed(() => store.plan as Plan)
  const { withBenders } = useJobBenders()
  const change = (next: Job) => store.change(withBenders(next))
  return { store, job, built, plan, change }
}

import type { Job } from '~~/core/job/job'
import type { Plan } from '~~/core/plan/types'
import { useJobStore } from '~/stores/job'

/** The open job and its plan, on a page that is only shown while there is one. */
export function useOpenJob() {
  const store = useJobStore()
  const job = computed(() => store.job as Job)
  const plan = computed(() => store.plan as Plan)
  const { withBenders } = useJobBenders()
  const change = (next: Job) => store.change(withBenders(next))
  return { store, job, plan, change }
}

import { computed, shallowRef, toRaw, watch, type Ref } from 'vue'
import type { Catalogue } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import type { Job } from '~~/core/job/job'
import { planJob } from '~~/core/plan/plan-job'
import { planStillThere } from '~~/core/plan/still-there'
import type { Plan } from '~~/core/plan/types'
import { newestOf } from '~/workers/newest'
import { askWorker } from './page/useCoreWorker'

/** A plan of so many legs is made between two key presses; of more, by the worker. */
const mostLegs = 300
const isLong = ({ legs }: Job): boolean => legs.length > mostLegs

interface PlanQuestion {
  readonly job: Job
  readonly catalogue: Catalogue
  readonly parts: readonly Part[]
  readonly opened: number
}
/** As text: it is read four times as fast as a plan is copied between threads. */
async function planFromWorker({ job, parts, catalogue }: PlanQuestion): Promise<Plan> {
  try {
    return JSON.parse(await askWorker((worker) => worker.plan(job, parts)).answer) as Plan
  } catch {
    return planJob(job, catalogue)
  }
}

/**
 * What follows from a job. Of a long one it may be a moment behind: then it is the plan of the text before.
 *
 * @param own the catalogue, and the parts of one's own from which it was made
 */
export function usePlan(
  job: Readonly<Ref<Job | null>>,
  own: { readonly catalogue: Catalogue; readonly parts: readonly Part[] },
) {
  const fromWorker = shallowRef<{ readonly of: PlanQuestion; readonly plan: Plan } | null>(null)
  /** Each job that is opened has an answer of its own: one that comes late is not another's. */
  let opened = 0
  const question = computed<PlanQuestion | null>(() =>
    job.value && isLong(job.value)
      ? { job: job.value, catalogue: own.catalogue, parts: toRaw(own.parts), opened }
      : null,
  )
  const ask = newestOf(planFromWorker, (of, plan) => {
    if (of.opened === opened) fromWorker.value = { of, plan }
  })
  watch(
    question,
    (asked) => {
      if (asked) return ask(asked)
      opened += 1
      fromWorker.value = null
    },
    { flush: 'sync' },
  )
  const here = computed(() => (job.value && !question.value ? planJob(job.value, own.catalogue) : null))
  const isBehind = computed(() => question.value !== null && fromWorker.value?.of.job !== job.value)
  const plan = computed(() => {
    if (here.value || !fromWorker.value || !job.value) return here.value
    return isBehind.value ? planStillThere(fromWorker.value.plan, job.value) : fromWorker.value.plan
  })
  return { plan, isBehind }
}

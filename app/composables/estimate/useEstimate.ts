import { useLocalStorage } from '@vueuse/core'
import { hasExamplePrices, jobEstimate, visitsOf } from '~~/core/estimate/job-estimate'
import { usualCelsius, type JobTime } from '~~/core/day/time-of-job'
import { ratesOf } from '~~/core/workshop/workshop'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkLogStore } from '~/stores/work-log'
import { useWorkshopStore } from '~/stores/workshop'
import { askWorker, type Asking } from '../page/useCoreWorker'

/**
 * What the open job comes to, by the workshop's rates and what was really taken; by the visits that stand in the job, or
 * else by their number, which is kept in this browser.
 */
export function useEstimate() {
  const { store, built: job, plan } = useOpenJob()
  const own = useCatalogueStore()
  const workshop = useWorkshopStore()
  const log = useWorkLogStore()
  onMounted(() => log.load(store.id))
  const kept = useLocalStorage<Record<string, number>>('jolvet-visits', {})
  const visits = computed({
    get: () => visitsOf(job.value, kept.value[store.id]),
    set: (count: number) => (kept.value = { ...kept.value, [store.id]: count }),
  })
  /** Nothing while it is worked out, and where no order of work was found. */
  const work = shallowRef<readonly JobTime[]>()
  let asking: Asking<readonly JobTime[] | null> | undefined
  onScopeDispose(() => asking?.giveUp())
  async function findWork(): Promise<void> {
    asking?.giveUp()
    work.value = undefined
    const asked = {
      ...{ costs: toRaw(workshop.costs), rates: ratesOf(workshop.workshop), minutes: new Map(log.minutes) },
      // As on the customer's paper, whatever it is like here today.
      ...{ celsius: usualCelsius, parts: toRaw(own.parts) },
    }
    const mine = (asking = askWorker((worker) => worker.times(job.value, asked)))
    const found = await mine.answer.catch(() => null)
    if (asking === mine) work.value = found ?? undefined
  }
  watch([job, () => log.minutes, () => workshop.workshop], findWork, { immediate: true })
  const answer = computed(() =>
    jobEstimate(own.catalogue, job.value, plan.value, {
      workshop: workshop.workshop,
      minutes: log.minutes,
      visits: visits.value,
      work: work.value,
    }),
  )
  const isExample = computed(() => hasExamplePrices(workshop.workshop))
  return { store, job, plan, visits, answer, isExample }
}

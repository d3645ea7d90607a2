import { useLocalStorage } from '@vueuse/core'
import { hasExamplePrices, jobEstimate, visitsOf } from '~~/core/estimate/job-estimate'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkLogStore } from '~/stores/work-log'
import { useWorkshopStore } from '~/stores/workshop'

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
  const answer = computed(() =>
    jobEstimate(own.catalogue, job.value, plan.value, {
      workshop: workshop.workshop,
      minutes: log.minutes,
      visits: visits.value,
    }),
  )
  const isExample = computed(() => hasExamplePrices(workshop.workshop))
  return { store, job, plan, visits, answer, isExample }
}

import { useLocalStorage } from '@vueuse/core'
import { estimate } from '~~/core/estimate/estimate'
import { profileWith } from '~~/core/workshop/profile'
import { ratesOf } from '~~/core/workshop/workshop'
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
    get: () => job.value.visits?.length ?? kept.value[store.id] ?? 1,
    set: (count: number) => (kept.value = { ...kept.value, [store.id]: count }),
  })
  const answer = computed(() =>
    estimate(own.catalogue, plan.value, {
      costs: workshop.costs,
      rates: ratesOf(workshop.workshop),
      profile: profileWith(job.value.profile, job.value.own?.changes),
      minutes: log.minutes,
      visits: visits.value,
      owned: new Set((workshop.workshop.tools ?? []).map(({ method }) => method)),
    }),
  )
  /** The prices are those that ship: nobody has said others. */
  const isExample = computed(() => {
    const { methods, hour, rates } = workshop.workshop
    return Object.keys(methods).length === 0 && hour === undefined && rates === undefined
  })
  return { job, plan, visits, answer, isExample }
}

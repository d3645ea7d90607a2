import { progressOf } from '~~/core/plan/progress'
import { useCatalogueStore } from '~/stores/catalogue'
import { useJobStore } from '~/stores/job'
import { useLogStore } from '~/stores/log'

/** Where each step of the open job stands, by its plan and by what is written down. */
export function useProgress() {
  const store = useJobStore()
  const log = useLogStore()
  const own = useCatalogueStore()
  return computed(() =>
    store.built && store.plan ? progressOf(store.built, store.plan, own.catalogue, log.done ?? undefined) : [],
  )
}

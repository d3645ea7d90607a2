import type { Bender } from '~~/core/bend/bender'
import type { Pipe } from '~~/core/catalogue/pipe'
import { keptBender } from '~~/core/job/bender-of-job'
import { keepBenders, markFor, stateOfKept } from '~~/core/edit/stock/kept-bender'
import type { Job, KeptBender } from '~~/core/job/job'
import { useCatalogueStore } from '~/stores/catalogue'
import { useJobStore } from '~/stores/job'
import { useWorkshopStore } from '~/stores/workshop'

/** The benders of the open job: those its bends are marked for; for what is not drawn yet, the one in the hand. */
export function useJobBenders() {
  const store = useJobStore()
  const workshop = useWorkshopStore()
  const own = useCatalogueStore()
  const { chosenFor } = useBenders(() => 0)
  const { methodOf } = useBendingMethod()

  function inHand(od: number): KeptBender | null {
    const [id, bender] = chosenFor(od) ?? []
    return id && bender ? { ...bender, id } : null
  }
  const benderFor = ({ od }: Pipe): Bender | null => (store.job && keptBender(store.job, od)) ?? inHand(od)
  const withBenders = (job: Job): Job =>
    keepBenders(own.catalogue, job, (pipe) => (methodOf(pipe) === 'bender' ? inHand(pipe.od) : null))

  /** The bender kept for pipe of this size, how the workshop's stands to it now, and the one in the hand. */
  const keptFor = (od: number) => {
    const kept = (store.job && keptBender(store.job, od)) ?? null
    return { kept, state: kept && stateOfKept(kept, workshop.workshop.benders), now: inHand(od) }
  }
  function markForInHand(od: number): void {
    const now = inHand(od)
    if (store.job && now) store.change(markFor(own.catalogue, store.job, now))
  }
  return { benderFor, withBenders, keptFor, markForInHand }
}

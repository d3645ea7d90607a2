import { bendSheet } from '~~/core/bend/bend-sheet'
import { keptBender } from '~~/core/job/bender-of-job'
import type { Bar } from '~~/core/cut/stock'
import { usualKeep } from '~~/core/cut/stock-length'
import type { PlanPiece } from '~~/core/pipework/planned'
import { useCatalogueStore } from '~/stores/catalogue'
import { useRackStore } from '~/stores/rack'

/** What the pieces of the open job are cut from, on screen and on paper alike: stock, the rack, blanks for bent pieces. */
export function useCutting() {
  const { store, job, plan } = useOpenJob()
  const rack = useRackStore()
  const own = useCatalogueStore()
  onMounted(() => rack.load(store.id))

  /** How a bent piece is marked, by the bender that the job keeps for its size; null where it is straight. */
  function sheetOf({ tube, pipe: id }: PlanPiece) {
    const pipe = own.catalogue.pipe(id)
    return tube && pipe ? bendSheet(tube, keptBender(job.value, pipe.od) ?? null, pipe.od) : null
  }
  const stock = computed(() => plan.value.stock)
  const kerf = computed(() => job.value.stock?.kerf ?? 0)
  const keep = computed(() => job.value.stock?.keep ?? usualKeep(job.value.units))
  const withoutRack = computed(() => job.value.stock?.withoutRack === true)
  const offcutsOf = (pipe: string) => (withoutRack.value ? [] : rack.offcuts.filter((offcut) => offcut.pipe === pipe))
  const cuttingOf = (pipe: string) => rack.cuttings.find((cutting) => cutting.pipe === pipe)
  const answered = ref<ReadonlyMap<string, readonly Bar[]>>(new Map())
  /**
   * How the pieces of each pipe are laid by now: the list to bring counts the same lengths as stand beside the bars.
   * Null until the rack is read and each pipe is laid: before that a count would be of another plan.
   */
  const laid = computed(() => (stock.value.every(({ pipe }) => answered.value.has(pipe)) ? answered.value : null))
  function lay(pipe: string, bars: readonly Bar[] | null): void {
    const next = new Map(answered.value)
    if (bars) next.set(pipe, bars)
    else next.delete(pipe)
    answered.value = next
  }
  return { rack, stock, kerf, keep, withoutRack, offcutsOf, cuttingOf, laid, lay, sheetOf }
}

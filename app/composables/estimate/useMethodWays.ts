import { otherMethods, type JobByMethod } from '~~/core/compare/whole-job'
import { usualCelsius } from '~~/core/day/time-of-job'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'
import { askWorker, type Asking } from '../page/useCoreWorker'

/** The open job by every method that its pipe takes, one after another; sought once it is asked for. */
export function useMethodWays(visits: () => number) {
  const { job, built } = useOpenJob()
  const own = useCatalogueStore()
  const workshop = useWorkshopStore()
  const celsius = useAirTemperature()
  const drawn = shallowRef<JobByMethod | null>(null)
  const others = shallowRef<readonly JobByMethod[]>([])
  const state = ref<'none' | 'adding' | 'done' | 'failed'>('none')
  let asking: Asking<JobByMethod | null> | undefined
  onScopeDispose(() => asking?.giveUp())

  async function compare(): Promise<void> {
    const of = job.value
    const asked = {
      workshop: toRaw(workshop.workshop),
      celsius: celsius.value ?? usualCelsius,
      visits: visits(),
      parts: toRaw(own.parts),
    }
    drawn.value = null
    others.value = []
    state.value = 'adding'
    try {
      for (const method of [null, ...otherMethods(own.catalogue, built.value)]) {
        asking = askWorker((worker) => worker.byMethod(of, method, asked))
        const found = await asking.answer
        if (of !== job.value) return
        if (found && method === null) drawn.value = found
        else if (found) others.value = [...others.value, found]
      }
      state.value = 'done'
    } catch {
      state.value = 'failed'
    }
  }
  // What was added up is of the job as it was.
  watch(job, () => (state.value = 'none'))
  return { drawn, others, state, compare }
}

import { usualCelsius } from '~~/core/day/time-of-job'
import { ratesOf } from '~~/core/workshop/workshop'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'
import type { VisitsWorked } from '~/workers/whole-job'
import { readMinutes, readWholeJob } from '~/sync/server'

/** Works out jobs as the server has them, in the worker; null of one that is not there. */
export function useWorkOut() {
  const { units } = useWords()
  const workshop = useWorkshopStore()
  const own = useCatalogueStore()
  return async function workOut(id: string): Promise<VisitsWorked | null> {
    const [read, took] = await Promise.all([readWholeJob(id), readMinutes(id)])
    if (!('done' in read) || !('job' in read.done)) return null
    const { job } = read.done
    const really = (took ?? []).flatMap(({ joint, minutes }) => (minutes === null ? [] : [[joint, minutes] as const]))
    const asked = {
      costs: toRaw(workshop.costs),
      rates: ratesOf(workshop.workshop),
      celsius: usualCelsius,
      minutes: new Map(really),
      parts: toRaw(own.parts),
      units: units.value,
    }
    return askWorker((worker) => worker.visits(job, asked)).answer
  }
}

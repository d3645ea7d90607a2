import { usualCelsius, type JobTime } from '~~/core/day/time-of-job'
import type { ListTable } from '~~/core/record/lists'
import { ratesOf } from '~~/core/workshop/workshop'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'
import { readMinutes, readWholeJob } from '~/sync/server'

/** What was worked out of a job that is visited. */
export interface Worked {
  readonly time: JobTime | null
  readonly list: ListTable
  /** How often somebody comes to it, on whatever day. */
  readonly visits: number
}

/** Works out jobs as the server has them, in the worker; null of one that is not there. */
export function useWorkOut() {
  const { units } = useWords()
  const workshop = useWorkshopStore()
  const own = useCatalogueStore()
  return async function workOut(id: string): Promise<Worked | null> {
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
    const { answer } = askWorker((worker) => worker.visit(job, asked))
    return { ...(await answer), visits: job.visits?.length ?? 0 }
  }
}

import { usualCelsius, type JobTime } from '~~/core/day/time-of-job'
import type { ListTable } from '~~/core/record/lists'
import { ratesOf } from '~~/core/workshop/workshop'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'
import { readMinutes, readVisits, readWholeJob, type JobVisit } from '~/sync/server'

/** Where the server does not answer it is asked again after so many ms. */
const untilBack = 3000

/** What was worked out of a job that is visited. */
interface Worked {
  readonly time: JobTime | null
  readonly list: ListTable
  /** How often somebody comes to it, on whatever day. */
  readonly visits: number
}

/** The visits of a day as the server has them, and what is worked out of their jobs, one after another. */
export function useDayVisits(on: Ref<string>) {
  const { units, problemOf } = useWords()
  const workshop = useWorkshopStore()
  const own = useCatalogueStore()
  /** Null while they are being read. */
  const visits = shallowRef<readonly JobVisit[] | null>(null)
  const worked = shallowRef<ReadonlyMap<string, Worked>>(new Map())
  const isAway = ref(false)
  const problem = ref('')

  async function workOut(id: string): Promise<Worked | null> {
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

  let askAgain: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(askAgain))

  async function load(day: string): Promise<void> {
    const read = await readVisits(day, day)
    if (day !== on.value) return
    isAway.value = read === null
    if (!read) askAgain = setTimeout(() => void start(day), untilBack)
    visits.value = read?.visits ?? []
    for (const id of new Set(visits.value.map(({ job }) => job))) {
      const done = await workOut(id)
      if (day !== on.value) return
      if (done) worked.value = new Map(worked.value).set(id, done)
    }
  }
  const start = (day: string) => load(day).catch((error: unknown) => void (problem.value = problemOf(error)))
  watch(
    on,
    (day) => {
      clearTimeout(askAgain)
      visits.value = null
      worked.value = new Map()
      problem.value = ''
      void start(day)
    },
    { immediate: true },
  )
  return { visits, worked, isAway, problem }
}

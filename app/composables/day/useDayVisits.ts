import type { VisitsWorked } from '~/workers/whole-job'
import { readVisits, type JobVisit } from '~/sync/server'
import { dayText } from './days'
import { useWorkOut } from './useWorkOut'

/** Where the server does not answer it is asked again after so many ms. */
const untilBack = 3000

/** The visits of a day as the server has them, and what is worked out of their jobs, one after another. */
export function useDayVisits(on: Ref<string>) {
  const { problemOf } = useWords()
  const workOut = useWorkOut()
  /** Null while they are being read. */
  const visits = shallowRef<readonly JobVisit[] | null>(null)
  const worked = shallowRef<ReadonlyMap<string, VisitsWorked>>(new Map())
  /** Jobs that somebody comes to from today until the day: what they need of the van by then is used. */
  const before = shallowRef<ReadonlyMap<string, VisitsWorked>>(new Map())
  const isAway = ref(false)
  const problem = ref('')

  let askAgain: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(askAgain))

  async function load(day: string): Promise<void> {
    const today = dayText(new Date())
    const read = await readVisits(today < day ? today : day, day)
    if (day !== on.value) return
    isAway.value = read === null
    if (!read) askAgain = setTimeout(() => void start(day), untilBack)
    const all = read?.visits ?? []
    visits.value = all.filter(({ visit }) => visit.on === day)
    const here = new Set(visits.value.map(({ job }) => job))
    const sooner = new Set(all.flatMap(({ job, visit }) => (visit.on < day ? [job] : [])))
    for (const id of new Set([...here, ...sooner])) {
      const done = await workOut(id)
      if (day !== on.value) return
      if (done && here.has(id)) worked.value = new Map(worked.value).set(id, done)
      // Where nobody said what is made when, all of it is brought on the day.
      if (done && sooner.has(id) && (done.needs.upTo || !here.has(id)))
        before.value = new Map(before.value).set(id, done)
    }
  }
  const start = (day: string) => load(day).catch((error: unknown) => void (problem.value = problemOf(error)))
  watch(
    on,
    (day) => {
      clearTimeout(askAgain)
      visits.value = null
      worked.value = new Map()
      before.value = new Map()
      problem.value = ''
      void start(day)
    },
    { immediate: true },
  )
  return { visits, worked, before, isAway, problem }
}

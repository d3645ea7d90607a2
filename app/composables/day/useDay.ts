import { useLocalStorage } from '@vueuse/core'
import { arrangeDay, minutesOfDay, planDay } from '~~/core/day/day'
import { dayPicture } from '~~/core/day/picture'
import { ratesOf } from '~~/core/workshop/workshop'
import { useWorkshopStore } from '~/stores/workshop'
import { dayText, noonOf } from './days'

const isDay = (text: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(noonOf(text).getTime())

/** The visits of a day, over all jobs: their times one after another, and what to bring to them. */
export function useDay() {
  const route = useRoute()
  const workshop = useWorkshopStore()
  const on = computed(() => (isDay(String(route.query.on)) ? String(route.query.on) : dayText(new Date())))
  const { visits, worked, before, isAway, problem } = useDayVisits(on)
  const begins = useLocalStorage('jolvet-day-begins', '08:00')
  const { realOf, setReal } = useVisitTimes()

  const { turns, setTurn } = useTurns(on)
  const stops = computed(() =>
    (visits.value ?? []).map((seen) => {
      const { visit, ...of } = seen
      const known = worked.value.get(of.job)
      const time = known?.times.get(visit.id)
      const real = realOf(seen)
      return {
        ...of,
        id: `${of.job} ${visit.id}`,
        visit,
        real,
        isKnown: known !== undefined,
        isLeast: visit.minutes === undefined && (time?.isLeast ?? false),
        at: visit.at === undefined ? undefined : minutesOfDay(visit.at),
        minutes: visit.minutes ?? time?.whole ?? null,
        off: time?.off ?? null,
        // Of one that was said to take longer or shorter nobody knows when it waits.
        waits: visit.minutes === undefined ? (time?.waits ?? []) : [],
        ...(real.began && { began: minutesOfDay(real.began) }),
        ...(real.ended && { ended: minutesOfDay(real.ended) }),
      }
    }),
  )
  const asked = computed(() => ({
    begins: minutesOfDay(begins.value),
    travel: ratesOf(workshop.workshop).travelMinutes,
  }))
  const rows = computed(() => {
    const order = arrangeDay(stops.value, asked.value, turns.value)
    const planned = planDay(order, asked.value)
    const titles = new Map(order.map(({ id, title }) => [id, title]))
    return dayPicture(planned, asked.value.begins).map((picture, at) => {
      const plan = planned[at]!
      return { ...order[at]!, ...picture, plan, within: titles.get(plan.within ?? '') ?? null }
    })
  })
  return {
    on,
    begins,
    asked,
    rows,
    move: (from: number, to: number) => setTurn(rows.value, from, to),
    ...useDayNeeds(on, worked, before),
    isAway,
    problem,
    isLoading: computed(() => visits.value === null),
    setReal,
  }
}

import { useLocalStorage } from '@vueuse/core'
import type { Job } from '~~/core/job/job'
import { usualAnswer, type Answers, type Pattern } from '~~/core/patterns/pattern'
import type { Plan } from '~~/core/plan/types'
import type { Units } from '~~/core/quantity/units'
import { newestOf } from '~/workers/newest'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'
import { askWorker } from '../page/useCoreWorker'

type Drawn = { readonly job: Job; readonly plan: Plan } | { readonly problem: string }

/** A pattern with its answers, kept in this browser; the job that follows is drawn in the worker at every change. */
export function usePattern(pattern: () => Pattern, units: () => Units, title: () => string) {
  const own = useCatalogueStore()
  const workshop = useWorkshopStore()
  const kept = useLocalStorage<Record<string, Answers>>('jolvet-patterns', {})
  const key = () => `${pattern().id} ${units()}`
  const answers = computed<Answers>(() => ({
    ...Object.fromEntries(Object.entries(pattern().asks).map(([id, ask]) => [id, usualAnswer(ask, units())])),
    ...kept.value[key()],
  }))
  const answer = (id: string, value: string | number) =>
    (kept.value = { ...kept.value, [key()]: { ...kept.value[key()], [id]: value } })
  const clear = () => (kept.value = { ...kept.value, [key()]: {} })

  const drawn = shallowRef<Drawn | null>(null)
  const question = () => ({
    id: pattern().id,
    answers: answers.value,
    to: { units: units(), title: title(), costs: workshop.costs, parts: own.parts },
  })
  const ask = newestOf(
    ({ id, answers: given, to }: ReturnType<typeof question>) =>
      askWorker((worker) => worker.pattern(id, given, to)).answer.catch(() =>
        JSON.stringify({ problem: 'It could not be drawn: try again.' }),
      ),
    (_, text) => (drawn.value = JSON.parse(text) as Drawn),
  )
  watch(
    () => JSON.stringify(question()),
    (now) => ask(JSON.parse(now) as ReturnType<typeof question>),
    { immediate: true },
  )
  return { answers, answer, clear, drawn }
}

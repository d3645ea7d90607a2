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
export function usePattern(pattern: () => Pattern, units: () => Units) {
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

  /** What was drawn last, and of which question. */
  const heard = shallowRef<{ readonly of: string; readonly drawn: Drawn } | null>(null)
  const question = () => ({
    id: pattern().id,
    answers: answers.value,
    to: { units: units(), title: pattern().name, costs: workshop.costs, parts: own.parts },
  })
  const asked = computed(() => JSON.stringify(question()))
  const ask = newestOf(
    (text: string) => {
      const { id, answers: given, to } = JSON.parse(text) as ReturnType<typeof question>
      return askWorker((worker) => worker.pattern(id, given, to)).answer.catch(() =>
        JSON.stringify({ problem: 'It could not be drawn: try again.' }),
      )
    },
    (of, text) => (heard.value = { of, drawn: JSON.parse(text) as Drawn }),
  )
  watch(asked, ask, { immediate: true })
  const drawn = computed(() => heard.value?.drawn ?? null)
  /** The answers have changed since: what is drawn is not yet theirs. */
  const isBehind = computed(() => heard.value?.of !== asked.value)
  return { answers, answer, clear, drawn, isBehind }
}

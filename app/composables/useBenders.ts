import { useLocalStorage } from '@vueuse/core'
import type { Bender } from '~~/core/bend/bender'
import { useWorkshopStore } from '~/stores/workshop'

/** Formers take pipe that is this much thicker or thinner, in mm. */
const near = 0.3

/** The workshop's benders for a pipe of this size, and which of them is in the hand. */
export function useBenders(od: () => number) {
  const store = useWorkshopStore()
  const chosen = useLocalStorage<Readonly<Record<string, string>>>('jolvet-benders', {})
  const fitting = computed(() =>
    Object.entries(store.workshop.benders).filter(([, bender]) => Math.abs(bender.od - od()) <= near),
  )
  const id = computed(() => {
    const known = chosen.value[String(od())]
    return fitting.value.find(([key]) => key === known)?.[0] ?? fitting.value[0]?.[0] ?? ''
  })
  const bender = computed<Bender | null>(() => store.workshop.benders[id.value] ?? null)
  const choose = (key: string) => (chosen.value = { ...chosen.value, [String(od())]: key })

  /** Records a bender; a new one is then the one in the hand. */
  function record(key: string, of: Bender): boolean {
    const accepted = store.set(['benders', key], of)
    if (accepted) choose(key)
    return accepted
  }
  const remove = (key: string) => store.set(['benders', key], null)
  return { fitting, id, bender, choose, record, remove, problem: computed(() => store.problem) }
}

import { useLocalStorage } from '@vueuse/core'
import type { Bender } from '~~/core/bend/bender'
import { useWorkshopStore } from '~/stores/workshop'

/** Formers take pipe that is this much thicker or thinner, in mm. */
const near = 0.3

/** The workshop's benders for a pipe of this size, and which of them is in the hand. */
export function useBenders(od: () => number) {
  const store = useWorkshopStore()
  const chosen = useLocalStorage<Readonly<Record<string, string>>>('jolvet-benders', {})
  const fittingTo = (size: number) =>
    Object.entries(store.workshop.benders).filter(([, { od: takes }]) => Math.abs(takes - size) <= near)
  const chosenFor = (size: number) => {
    const those = fittingTo(size)
    return those.find(([key]) => key === chosen.value[String(size)]) ?? those[0]
  }
  const fitting = computed(() => fittingTo(od()))
  const id = computed(() => chosenFor(od())?.[0] ?? '')
  const benderFor = (size: number): Bender | null => chosenFor(size)?.[1] ?? null
  const bender = computed(() => benderFor(od()))
  const choose = (key: string) => (chosen.value = { ...chosen.value, [String(od())]: key })

  /** Records a bender; a new one is then the one in the hand. */
  function record(key: string, of: Bender): boolean {
    const accepted = store.set(['benders', key], of)
    if (accepted) choose(key)
    return accepted
  }
  const remove = (key: string) => store.set(['benders', key], null)
  return { fitting, id, bender, benderFor, choose, record, remove, problem: computed(() => store.problem) }
}

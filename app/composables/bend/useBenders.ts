import { useLocalStorage } from '@vueuse/core'
import type { Bender } from '~~/core/bend/bender'
import { takesSize } from '~~/core/job/bender-of-job'
import { useWorkshopStore } from '~/stores/workshop'

/** The workshop's benders for a pipe of this size, and which of them is in the hand. */
export function useBenders(od: () => number) {
  const store = useWorkshopStore()
  const chosen = useLocalStorage<Readonly<Record<string, string>>>('jolvet-benders', {})
  const fittingTo = (size: number) => Object.entries(store.workshop.benders).filter(([, of]) => takesSize(of, size))
  const chosenFor = (size: number) => {
    const those = fittingTo(size)
    return those.find(([key]) => key === chosen.value[String(size)]) ?? those[0]
  }
  const fitting = computed(() => fittingTo(od()))
  const id = computed(() => chosenFor(od())?.[0] ?? '')
  const bender = computed(() => chosenFor(od())?.[1] ?? null)
  const choose = (key: string) => (chosen.value = { ...chosen.value, [String(od())]: key })

  /** Records a bender; a new one is then the one in the hand. */
  function record(key: string, of: Bender): boolean {
    const accepted = store.set(['benders', key], of)
    if (accepted) choose(key)
    return accepted
  }
  const remove = (key: string) => store.remove('benders', key)
  return { fitting, id, bender, chosenFor, choose, record, remove, problem: computed(() => store.problem) }
}

import { useLocalStorage } from '@vueuse/core'
import { usualWay, type BendingWay } from '~~/core/bend/limits'
import type { Pipe } from '~~/core/catalogue/pipe'

/** How each pipe is bent: by hand, with a support, in a bender; kept in this browser, as usual until it is chosen. */
export function useBendWay() {
  const chosen = useLocalStorage<Readonly<Record<string, BendingWay>>>('jolvet-bend-ways', {})
  const wayOf = (pipe: Pipe): BendingWay => chosen.value[pipe.id] ?? usualWay(pipe)
  const setWay = (pipe: Pipe, way: BendingWay) => (chosen.value = { ...chosen.value, [pipe.id]: way })
  return { wayOf, setWay }
}

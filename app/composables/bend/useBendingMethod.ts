import { useLocalStorage } from '@vueuse/core'
import { usualBending } from '~~/core/bend/limits'
import type { BendingMethod } from '~~/core/materials/material'
import type { Pipe } from '~~/core/catalogue/pipe'

/** How each pipe is bent: by hand, with a support, in a bender; kept in this browser, as usual until it is chosen. */
export function useBendingMethod() {
  const chosen = useLocalStorage<Readonly<Record<string, BendingMethod>>>('jolvet-bend-ways', {})
  const methodOf = (pipe: Pipe): BendingMethod => chosen.value[pipe.id] ?? usualBending(pipe)
  const setMethod = (pipe: Pipe, method: BendingMethod) => (chosen.value = { ...chosen.value, [pipe.id]: method })
  return { methodOf, setMethod }
}

import { useLocalStorage } from '@vueuse/core'
import type { Paper } from '~~/core/draw/strip-page'

/** The paper to print on: what was chosen in this browser, else what is sold where the job is. */
export function usePaper() {
  const chosen = useLocalStorage<Paper | ''>('jolvet-paper', '')
  const { units } = useWords()
  return computed<Paper>({
    get: () => chosen.value || (units.value === 'metric' ? 'a4' : 'letter'),
    set: (paper) => (chosen.value = paper),
  })
}

import { useIntervalFn } from '@vueuse/core'
import { useVanStore } from '~/stores/van'

/** Others load and unload the same van: while it is shown it is read anew every so many ms. */
const between = 4000

/** What is in the van, kept up with what others book as long as a page shows it. */
export function useVan() {
  const store = useVanStore()
  useIntervalFn(() => void store.load(), between)
  return store
}

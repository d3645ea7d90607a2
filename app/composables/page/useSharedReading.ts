import { useDocumentVisibility } from '@vueuse/core'
import { watch } from 'vue'

/**
 * Reads what all jobs share now, and whenever this page is looked at again: another tab or another person may have
 * changed it meanwhile. Nothing is read on a page that uses none of it.
 */
export function useSharedReading(load: () => Promise<void>): void {
  const isSeen = useDocumentVisibility()
  watch(
    isSeen,
    (now) => {
      if (now === 'visible') void load()
    },
    { immediate: true },
  )
}

import { createSharedComposable } from '@vueuse/core'
import { shallowRef } from 'vue'

/** What was removed last of the workshop's own, and how it comes back. */
export const useRemoved = createSharedComposable(() =>
  shallowRef<{ readonly name: string; readonly putBack: () => boolean } | null>(null),
)

import { createSharedComposable, useLocalStorage } from '@vueuse/core'

/** Whether single letters press what they stand for on Route; kept in this browser. */
export const useLetterKeys = createSharedComposable(() => useLocalStorage('jolvet-letter-keys', true))

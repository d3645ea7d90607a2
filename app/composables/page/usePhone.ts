import { createSharedComposable, useMediaQuery } from '@vueuse/core'

/** Whether the page is as narrow as a phone held upright: steps below, one line above. */
export const usePhone = createSharedComposable(() => useMediaQuery('(max-width: 639px)'))

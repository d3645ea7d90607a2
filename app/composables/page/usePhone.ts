import { createSharedComposable, useMediaQuery } from '@vueuse/core'

/** Whether the page is as small as a phone, upright or on its side: steps below, one line above. */
export const usePhone = createSharedComposable(() => useMediaQuery('(max-width: 639px), (max-height: 479px)'))

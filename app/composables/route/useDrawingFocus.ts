import { createSharedComposable } from '@vueuse/core'

/** The drawing takes the keys of the route while it has the focus: what was chosen elsewhere gives it back. */
export const useDrawingFocus = createSharedComposable(() => {
  const frame = shallowRef<HTMLElement | null>(null)
  return {
    /** The drawing's frame, while one is shown. */
    frame,
    focus(): void {
      if (frame.value) frame.value.focus({ preventScroll: true })
      else (document.activeElement as HTMLElement | null)?.blur()
    },
  }
})

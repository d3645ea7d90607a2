import { createSharedComposable, useMediaQuery } from '@vueuse/core'

/** The field that the pad of length keys types into; the keyboard of the phone stays away from it. */
export const useLengthPad = createSharedComposable(() => {
  /** A thumb has no key for feet, inches and fractions on the phone's own number pad. */
  const isByThumb = useMediaQuery('(pointer: coarse)')
  const field = shallowRef<HTMLInputElement | null>(null)

  function open(event: Event): void {
    if (isByThumb.value && event.target instanceof HTMLInputElement) field.value = event.target
  }
  function close(event?: Event): void {
    if (!event || event.target === field.value) field.value = null
  }

  /** Puts text in where the caret stands, in place of what is selected; the field hears of it as of any typing. */
  function put(text: string, before = 0): void {
    const input = field.value
    if (!input) return
    const [start, end] = [input.selectionStart ?? input.value.length, input.selectionEnd ?? input.value.length]
    input.setRangeText(text, start === end ? Math.max(0, start - before) : start, end, 'end')
    input.dispatchEvent(new Event('input', { bubbles: true }))
  }
  const takeBack = () => put('', 1)
  /** Ends what is typed, as Enter does. */
  function enter(): void {
    const input = field.value
    input?.dispatchEvent(new Event('change', { bubbles: true }))
    input?.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    input?.blur()
  }
  return { field, isByThumb, open, close, put, takeBack, enter }
})

import { createSharedComposable, useEventListener } from '@vueuse/core'

/** Keys that open something on every page: `?` help, Ctrl or Cmd with K the search. */
export const useHelp = createSharedComposable(() => {
  const isHelping = ref(false)
  const isFinding = ref(false)
  const isField = (target: EventTarget | null) =>
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [role="combobox"], [role="dialog"]') !== null
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') isFinding.value = true
    else if (event.key === '?' && !isField(event.target)) isHelping.value = true
    else return
    event.preventDefault()
  })
  return { isHelping, isFinding }
})

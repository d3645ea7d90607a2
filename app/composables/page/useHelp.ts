import { createSharedComposable, useEventListener } from '@vueuse/core'

/** Keys that open something on every page: `?` help, Ctrl or Cmd with K the search. */
export const useHelp = createSharedComposable(() => {
  const isHelping = ref(false)
  const isFinding = ref(false)
  /** The word that is asked about; empty where help is opened for the page. */
  const word = ref('')
  watch(isHelping, (isOpen) => {
    if (!isOpen) word.value = ''
  })
  function explain(asked: string): void {
    word.value = asked
    isHelping.value = true
  }
  const isField = (target: EventTarget | null) =>
    target instanceof HTMLElement &&
    target.closest('input, textarea, select, [role="combobox"], [role="dialog"]') !== null
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') isFinding.value = true
    else if (event.key === '?' && !isField(event.target)) isHelping.value = true
    else return
    event.preventDefault()
  })
  return { isHelping, isFinding, word, explain }
})

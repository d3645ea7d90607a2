import { useLocalStorage } from '@vueuse/core'
import type { Part } from '~~/core/catalogue/part'

/** What is said of a figure beside the figure: its ±, where it is from, by whom, a note; the name is kept in this browser. */
export function usePartSource() {
  const tolerance = ref<number>(0.5)
  const basis = ref<Part['basis']>('measured')
  const by = useLocalStorage('jolvet-measured-by', '')
  const note = ref('')
  const said = computed(() => ({ tolerance: tolerance.value, basis: basis.value, by: by.value, note: note.value }))
  return { tolerance, basis, by, note, said }
}

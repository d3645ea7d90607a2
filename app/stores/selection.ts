import { defineStore } from 'pinia'

/** What is looked at in each step: one selection for a drawing and its list. */
export const useSelectionStore = defineStore('selection', () => {
  const survey = ref('')
  const tieIn = ref('')
  const run = ref('')
  const node = ref('')
  const leg = ref('')
  const piece = ref('')
  const joint = ref('')
  return { survey, tieIn, run, node, leg, piece, joint }
})

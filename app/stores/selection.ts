import { defineStore } from 'pinia'
import { ref } from 'vue'

/** What is looked at in each step: one selection for a drawing and its list. */
export const useSelectionStore = defineStore('selection', () => {
  const survey = ref('')
  const tieIn = ref('')
  const run = ref('')
  const node = ref('')
  const leg = ref('')
  const piece = ref('')
  const joint = ref('')
  /** What the hand goes to next: who draws it takes the focus there, and lets it go here. */
  const wants = ref<'fitting' | 'length' | null>(null)
  return { survey, tieIn, run, node, leg, piece, joint, wants }
})

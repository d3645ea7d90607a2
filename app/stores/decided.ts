import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Job } from '~~/core/job/job'

/** The text of the open job, as it was decided; null while none is open. Whoever wants its units or its pipes reads it here, without all that plans and saves it. */
export const useDecidedStore = defineStore('decided', () => {
  const job = shallowRef<Job | null>(null)
  return { job }
})

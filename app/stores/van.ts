import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { VanBooking, VanRow } from '~~/core/van/booking-schema'
import { vanAfter, type Van } from '~~/core/van/van'
import { useSharedReading } from '~/composables/page/useSharedReading'
import { useOutboxStore } from '~/stores/outbox'
import { readVan } from '~/sync/server'

/** What a row of the book says when it is written; the rest is nothing of it. */
export type NewVanRow = Pick<VanRow, 'item' | 'what' | 'mm'> & Partial<VanRow>

/** What is in the van, for everybody; what is booked counts before the server has it. */
export const useVanStore = defineStore('van', () => {
  const outbox = useOutboxStore()
  const saved = useLocalStorage<Van>('jolvet-van-taken', { items: [], taken: [] })
  const problem = ref('')
  const waiting = computed(() => outbox.waitingOf('van').flatMap(({ body }) => (body as VanBooking).rows))
  const van = computed(() => vanAfter(saved.value, waiting.value))

  async function load(): Promise<void> {
    const found = await readVan()
    // What is as it was stays the same: nothing is drawn anew for it.
    if (found && JSON.stringify(found) !== JSON.stringify(saved.value)) saved.value = found
  }
  useSharedReading(load)

  outbox.onAnswer('van', (_, answer) => {
    problem.value = answer.outcome === 'refused' ? answer.message : ''
    if (answer.outcome === 'done') saved.value = answer.answer as Van
    else if (answer.outcome === 'refused') void load()
  })

  /** Writes rows into the book, all or none; what is no longer there is said, and nothing is booked. */
  function book(rows: readonly NewVanRow[]): void {
    if (rows.length === 0) return
    const body: VanBooking = { rows: rows.map((row) => ({ count: 0, ...row })) }
    void outbox.add({ changes: 'van', says: 'the van', method: 'POST', path: '/api/van', body })
  }

  return { van, problem, load, book }
})

import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { catalogueWith } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import { useSharedReading } from '~/composables/page/useSharedReading'
import { readParts, type RecordedPart } from '~/sync/server'
import { useOutboxStore } from '~/stores/outbox'

type Recorded = { readonly ok: true } | { readonly ok: false; readonly problems: readonly string[] }

/** The catalogue as it holds here: the shipped figures with the user's own laid over them. */
export const useCatalogueStore = defineStore('catalogue', () => {
  const outbox = useOutboxStore()
  // Kept in this browser, so that a page opened while the server is away still reckons with them.
  const parts = useLocalStorage<readonly RecordedPart[]>('jolvet-parts', [])
  const catalogue = computed(() => catalogueWith(parts.value))
  const state = ref<'loading' | 'ready' | 'away'>('loading')

  async function load(): Promise<void> {
    const read = await readParts()
    if (read) parts.value = read
    state.value = read ? 'ready' : 'away'
  }
  useSharedReading(load)

  outbox.onAnswer('parts', (_, answer) => {
    if (answer.outcome === 'done') parts.value = answer.answer as RecordedPart[]
  })

  /** Records figures, all or none. @param called of one, what it is a figure of */
  async function record(entries: readonly (Part & { withdrawn?: boolean })[], called: string): Promise<Recorded> {
    const says = entries.length === 1 ? `a part’s figure: ${called}` : `${entries.length} parts’ figures`
    const body = { parts: entries }
    const answer = await outbox.add({ changes: 'parts', says, method: 'POST', path: '/api/parts', body })
    if (answer.outcome === 'done') return { ok: true }
    const problems = answer.fields.map(({ field, problem }) => `${field}: ${problem}`)
    return { ok: false, problems: problems.length > 0 ? problems : [answer.message] }
  }

  /** Takes a figure back: the one before it, or the table's, holds again. */
  const withdraw = ({ id: _, at: __, ...part }: RecordedPart, called: string): Promise<Recorded> =>
    record([{ ...part, withdrawn: true }], called)

  return { parts, catalogue, state, load, record, withdraw }
})

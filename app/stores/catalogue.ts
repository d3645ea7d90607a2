import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { catalogueWith } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'

/** A part's figure as the server has it. */
export interface RecordedPart extends Part {
  readonly id: number
  readonly at: string
}

type Recorded = { readonly ok: true } | { readonly ok: false; readonly problems: readonly string[] }

const away = 'The server or its database does not answer; nothing was recorded. Try again in a moment.'

/** The catalogue as it holds here: the shipped figures with the user's own laid over them. */
export const useCatalogueStore = defineStore('catalogue', () => {
  // Kept in this browser, so that a page opened while the server is away still reckons with them.
  const parts = useLocalStorage<readonly RecordedPart[]>('jolvet-parts', [])
  const catalogue = computed(() => catalogueWith(parts.value))
  const state = ref<'loading' | 'ready' | 'away'>('loading')

  async function load(): Promise<void> {
    const response = await fetch('/api/parts').catch(() => null)
    if (response?.ok) parts.value = (await response.json()) as RecordedPart[]
    state.value = response?.ok ? 'ready' : 'away'
  }

  /** Records figures, all or none. */
  async function record(entries: readonly (Part & { withdrawn?: boolean })[]): Promise<Recorded> {
    const response = await fetch('/api/parts', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ parts: entries }),
    }).catch(() => null)
    if (response?.ok) {
      parts.value = (await response.json()) as RecordedPart[]
      return { ok: true }
    }
    if (response?.status !== 422) return { ok: false, problems: [away] }
    const { fields } = (await response.json()) as { fields: { field: string; problem: string }[] }
    return { ok: false, problems: fields.map(({ field, problem }) => `${field}: ${problem}`) }
  }

  /** Takes a figure back: the one before it, or the table's, holds again. */
  const withdraw = ({ id: _, at: __, ...part }: RecordedPart): Promise<Recorded> =>
    record([{ ...part, withdrawn: true }])

  return { parts, catalogue, state, load, record, withdraw }
})

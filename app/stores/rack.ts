import { defineStore } from 'pinia'
import type { Booking, Cutting, RackOffcut } from '~~/core/cut/rack'

const isOther = (known: unknown, found: unknown): boolean => JSON.stringify(known) !== JSON.stringify(found)

/** The rack of offcuts, and what was cut for the job that is open. */
export const useRackStore = defineStore('rack', () => {
  const offcuts = shallowRef<readonly RackOffcut[]>([])
  const cuttings = shallowRef<readonly Cutting[]>([])
  const state = ref<'loading' | 'ready' | 'away'>('loading')
  const problem = ref('')

  async function read<Answer>(path: string): Promise<Answer | null> {
    const response = await fetch(path).catch(() => null)
    return response?.ok ? ((await response.json()) as Answer) : null
  }

  async function load(job: string): Promise<void> {
    const [rack, cut] = await Promise.all([
      read<RackOffcut[]>('/api/rack'),
      read<Cutting[]>(`/api/jobs/${job}/cuttings`),
    ])
    state.value = rack && cut ? 'ready' : 'away'
    // What is as it was stays the same: nothing is laid out anew for it.
    if (rack && isOther(offcuts.value, rack)) offcuts.value = rack
    if (cut && isOther(cuttings.value, cut)) cuttings.value = cut
  }

  /** Books offcuts out and in; where one is gone, nothing is booked and the rack is read anew. */
  async function book(booking: Booking): Promise<boolean> {
    const response = await fetch('/api/rack', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(booking),
    }).catch(() => null)
    if (response?.ok) {
      problem.value = ''
      offcuts.value = (await response.json()) as RackOffcut[]
      const { cutting } = booking
      if (cutting) cuttings.value = [...cuttings.value.filter(({ pipe }) => pipe !== cutting.pipe), cutting]
      return true
    }
    const { message } = (await response?.json().catch(() => null)) ?? {}
    problem.value = message ?? 'The server or its database does not answer; nothing was booked. Try again in a moment.'
    if (response?.status === 409) offcuts.value = (await read<RackOffcut[]>('/api/rack')) ?? offcuts.value
    return false
  }

  return { offcuts, cuttings, state, problem, load, book }
})

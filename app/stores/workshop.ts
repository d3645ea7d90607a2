import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { applyChanges, costsOf, emptyWorkshop, type Workshop, type WorkshopChange } from '~~/core/job/workshop'

const retryAfter = 2000

/** Its id tells it apart from another tab's, which shares the list. */
interface PendingChange extends WorkshopChange {
  readonly id: string
}

/** Prices, minutes, tools and profiles of one's own: for all jobs. What is set here is kept in this browser until the server has it. */
export const useWorkshopStore = defineStore('workshop', () => {
  const saved = useLocalStorage<Workshop>('jolvet-workshop', emptyWorkshop)
  const pending = useLocalStorage<readonly PendingChange[]>('jolvet-workshop-changes', [])
  const problem = ref('')
  const isAway = ref(false)
  let sending = false

  const workshop = computed<Workshop>(() => {
    const applied = applyChanges(saved.value, pending.value)
    return applied.success ? (applied.data as Workshop) : saved.value
  })
  const costs = computed(() => costsOf(workshop.value))

  async function load(): Promise<void> {
    const response = await fetch('/api/workshop').catch(() => null)
    isAway.value = !response?.ok
    if (response?.ok) saved.value = (await response.json()) as Workshop
    if (pending.value.length > 0) void send()
  }

  async function send(): Promise<void> {
    if (sending) return
    sending = true
    while (pending.value.length > 0) {
      const changes = [...pending.value]
      const response = await fetch('/api/workshop', {
        method: 'PATCH',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ changes }),
      }).catch(() => null)
      isAway.value = !response || response.status >= 500
      if (isAway.value) {
        await new Promise((resolve) => setTimeout(resolve, retryAfter))
        continue
      }
      const answer: unknown = await response!.json()
      if (response!.ok) saved.value = answer as Workshop
      else problem.value = (answer as { message: string }).message
      const sent = new Set(changes.map(({ id }) => id))
      pending.value = pending.value.filter(({ id }) => !sent.has(id))
    }
    sending = false
  }

  /** Sets one thing; null takes it back to what ships. @returns whether it was accepted */
  function set(path: readonly string[], value: unknown): boolean {
    const change = { id: crypto.randomUUID(), path, value }
    const applied = applyChanges(workshop.value, [change])
    problem.value = applied.success ? '' : (applied.error.issues[0]?.message ?? 'not accepted')
    if (!applied.success) return false
    pending.value = [...pending.value, change]
    void send()
    return true
  }

  return { workshop, costs, problem, isAway, load, set }
})

import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { applyChanges, costsOf, emptyWorkshop, type Workshop } from '~~/core/job/workshop'
import { ChangeQueue } from '~/saving/change-queue'
import { loadWorkshop, sendChanges, type PendingChange } from '~/saving/workshop-transport'

const retryAfter = 2000

/** Prices, minutes, tools and profiles of one's own: for all jobs. What is set here is kept in this browser until the server has it. */
export const useWorkshopStore = defineStore('workshop', () => {
  const saved = useLocalStorage<Workshop>('jolvet-workshop', emptyWorkshop)
  const pending = useLocalStorage<readonly PendingChange[]>('jolvet-workshop-changes', [])
  const problem = ref('')
  const isAway = ref(false)

  const workshop = computed<Workshop>(() => {
    const applied = applyChanges(saved.value, pending.value)
    return applied.ok ? applied.workshop : saved.value
  })
  const costs = computed(() => costsOf(workshop.value))

  const queue = new ChangeQueue({
    read: () => pending.value,
    write: (changes) => (pending.value = changes),
    send: sendChanges,
    onAnswer(answer) {
      isAway.value = answer.outcome === 'away'
      if (answer.outcome === 'saved') saved.value = answer.saved
      if (answer.outcome === 'refused') problem.value = answer.message
    },
    pause: () => new Promise((resolve) => setTimeout(resolve, retryAfter)),
  })

  async function load(): Promise<void> {
    const loaded = await loadWorkshop()
    isAway.value = loaded === null
    if (loaded) saved.value = loaded
    void queue.flush()
  }

  /** Sets one thing; null takes it back to what ships. @returns whether it was accepted */
  function set(path: readonly string[], value: unknown): boolean {
    const change = { id: crypto.randomUUID(), path, value }
    const applied = applyChanges(workshop.value, [change])
    problem.value = applied.ok ? '' : (applied.fields[0]?.problem ?? 'not accepted')
    if (applied.ok) void queue.add(change)
    return applied.ok
  }

  return { workshop, costs, problem, isAway, load, set }
})

import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { applyChanges, costsOf, emptyWorkshop, type Workshop, type WorkshopChange } from '~~/core/workshop/workshop'
import { useRemoved } from '~/composables/page/useRemoved'
import { useSharedReading } from '~/composables/page/useSharedReading'
import { useOutboxStore } from '~/stores/outbox'
import { readWorkshop } from '~/sync/server'

/** So many changes the server takes at once. */
const mostAtOnce = 500
const inBodies = (changes: readonly WorkshopChange[]) =>
  Array.from({ length: Math.ceil(changes.length / mostAtOnce) }, (_, at) => ({
    changes: changes.slice(at * mostAtOnce, (at + 1) * mostAtOnce),
  }))

/** What is kept by its name, each by an id. */
type NamedList = 'benders' | 'profiles' | 'tests' | 'checkedTools' | 'patterns' | 'fixtures'

/** Prices, minutes, tools and profiles of one's own: for all jobs. */
export const useWorkshopStore = defineStore('workshop', () => {
  const outbox = useOutboxStore()
  const saved = useLocalStorage<Workshop>('jolvet-workshop', emptyWorkshop)
  const problem = ref('')

  /** What the server has, with what it does not have yet laid over it. */
  const workshop = computed<Workshop>(() => {
    const waiting = outbox.waitingOf('workshop').flatMap(({ body }) => (body as { changes: WorkshopChange[] }).changes)
    const applied = applyChanges(saved.value, waiting)
    return applied.ok ? applied.workshop : saved.value
  })
  const costs = computed(() => costsOf(workshop.value))
  outbox.onAnswer('workshop', (_, answer) => {
    if (answer.outcome === 'done') saved.value = answer.answer as Workshop
    problem.value = answer.outcome === 'refused' ? answer.message : ''
  })

  async function load(): Promise<void> {
    saved.value = (await readWorkshop()) ?? saved.value
  }
  useSharedReading(load)

  /** Sets several things, each by itself: what others set meanwhile beside them stays. @returns whether they were accepted */
  function setAll(changes: readonly WorkshopChange[], says: string): boolean {
    const applied = applyChanges(workshop.value, changes)
    problem.value = applied.ok ? '' : (applied.fields[0]?.problem ?? 'not accepted')
    if (!applied.ok) return false
    for (const body of inBodies(changes))
      void outbox.add({ changes: 'workshop', says, method: 'PATCH', path: '/api/workshop', body })
    return true
  }
  /** Sets one thing; null takes it back to what ships. @returns whether it was accepted */
  const set = (path: readonly string[], value: unknown): boolean =>
    setAll([{ path, value }], `workshop: ${path.join(', ')}`)

  const removed = useRemoved()
  function afterRemoval(name: string, accepted: boolean, restore: () => boolean): boolean {
    if (!accepted) return false
    const putBack = (): boolean => {
      const isBack = restore()
      if (isBack) removed.value = null
      return isBack
    }
    removed.value = { name, putBack }
    return true
  }

  /** Removes one entry of a list; it can be put back until another is removed. */
  function remove(list: NamedList, id: string): boolean {
    const before = workshop.value[list]?.[id]
    if (!before) return false
    return afterRemoval(before.name, set([list, id], null), () => set([list, id], before))
  }
  function removePerson(name: string): boolean {
    const others = () => workshop.value.people.filter((other) => other !== name)
    return afterRemoval(name, set(['people'], others()), () => set(['people'], [...others(), name]))
  }

  return { workshop, costs, problem, load, set, setAll, remove, removePerson }
})

import { useEventListener, useSessionStorage } from '@vueuse/core'
import type { Run } from '~~/core/job/job'
import { planJob } from '~~/core/plan/plan-job'
import { joinPlace, pressKey, startEntry, type Entered, type RouteEntry } from '~~/core/edit/legs/entry'
import { useCatalogueStore } from '~/stores/catalogue'
import { useJobStore } from '~/stores/job'
import { useSelectionStore } from '~/stores/selection'
import type { System } from '~~/core/job/system'

/** Whether a key means the route: not what is typed in a field, nor what presses a control. */
export function isForRoute({ ctrlKey, metaKey, altKey, target, key }: KeyboardEvent, typedAt?: EventTarget): boolean {
  if (ctrlKey || metaKey || altKey) return false
  if (/^[a-z]$/i.test(key) && !useLetterKeys().value) return false
  const isInDrawing = target instanceof Element && target.closest('.drawing-frame') !== null
  // Elsewhere on the page they scroll it.
  if (key.startsWith('Page') && !isInDrawing) return false
  if (!(target instanceof HTMLElement)) return true
  if (target.closest('input, textarea, select, [role="combobox"], [role="listbox"], [role="dialog"]')) return false
  // Enter and space on a focused control are that control's own; but Enter ends what was typed while it had the focus.
  if (key === 'Enter' && target === typedAt) return true
  return !(target.closest('button, a, summary') && (key === 'Enter' || key === ' '))
}

/** What is being typed on a job's route: kept across a reload, begun anew where its run or its node is gone. */
function useKeptEntry(job: string, run: Ref<Run | undefined>, system: Ref<System | undefined>) {
  const kept = useSessionStorage<RouteEntry | null>(`jolvet-entry-${job}`, null, {
    // Replaced whole at each key, never changed within.
    shallow: true,
    deep: false,
    serializer: { read: (text) => JSON.parse(text) as RouteEntry, write: (entry) => JSON.stringify(entry) },
  })
  const entry = computed<RouteEntry | null>(() => {
    if (!run.value || !system.value) return null
    const known = kept.value
    const still = known?.run === run.value.id && system.value.nodes.some(({ id }) => id === known.cursor)
    return still && known ? known : startEntry(run.value.id, system.value)
  })
  return { kept, entry }
}

/** Hears the keys that mean the route. @param press tells whether a key meant anything */
function useRouteKeys(press: (key: string) => boolean, isTyping: () => boolean): void {
  /** Where the focus was when the last digit was typed; nowhere once nothing is typed. */
  let typedAt: EventTarget | undefined
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (!isForRoute(event, typedAt)) return
    // Shift with an arrow puts it to the direction before.
    const combines = event.shiftKey && /^(Arrow|Page)/.test(event.key)
    if (combines ? press('&') && press(event.key) : press(event.key)) event.preventDefault()
    typedAt = isTyping() ? (event.target ?? undefined) : undefined
  })
}

/** Typing a route: keys of the keyboard or the pad, one selection with the drawing. */
export function useRouteEntry(
  run: Ref<Run | undefined>,
  system: Ref<System | undefined>,
  bendRadius: () => number | undefined,
) {
  const store = useJobStore()
  const selection = useSelectionStore()
  const catalogue = useCatalogueStore()
  const { withBenders } = useJobBenders()
  const { kept, entry } = useKeptEntry(store.id, run, system)

  function press(key: string): boolean {
    if (!store.job || !entry.value) return false
    const entered = pressKey(store.job, randomIds, entry.value, { key, bendRadius: bendRadius() })
    if (!entered) return false
    take(entered)
    return true
  }

  function take(entered: Entered): void {
    kept.value = entered.entry
    selection.node = entered.entry.cursor
    if (entered.job === store.job) return
    store.change(withBenders(entered.job))
    selection.leg = system.value?.legs.findLast(({ to }) => to === entered.entry.cursor)?.id ?? ''
  }

  // The first leg is otherwise answered by code that has never run, and takes twice as long as every later one.
  onMounted(() => {
    const idle = window.requestIdleCallback ?? setTimeout
    idle(() => {
      if (!store.job || !entry.value) return
      const first = { ...entry.value, direction: 'east', typed: '1' } as const
      const tried = pressKey(store.job, randomIds, first, { key: 'Enter', bendRadius: bendRadius() })
      if (tried) planJob(tried.job, catalogue.catalogue)
    })
  })

  /** Goes on from another node; or draws a leg to it, where that is what was asked for. */
  function goTo(node: string): void {
    if (entry.value?.joining && store.job) return take(joinPlace(store.job, randomIds, entry.value, { to: node }))
    if (entry.value) kept.value = { ...entry.value, cursor: node, problem: '' }
    selection.node = node
  }

  useRouteKeys(press, () => Boolean(entry.value?.typed))

  /** Undo takes back what is typed first, as one step. */
  function takeTyped(): boolean {
    if (!entry.value?.typed) return false
    kept.value = { ...entry.value, typed: '', problem: '' }
    return true
  }
  store.undoFirst = takeTyped
  onScopeDispose(() => (store.undoFirst = null))

  return { entry, press, goTo }
}

import { useEventListener } from '@vueuse/core'
import { defineStore } from 'pinia'
import type { Job } from '~~/core/job/job'
import { readJob } from '~~/core/job/read-job'
import { planJob } from '~~/core/plan'
import { progressOf } from '~~/core/progress'
import { adoptDraft, claimTab, dropDraft, keepDraft } from '~/saving/draft'
import { keepHistory, takeHistory } from '~/saving/history'
import { SaveLoop, type KeptDraft, type SaveStatus } from '~/saving/save-loop'
import { httpTransport, type Stored } from '~/saving/transport'
import { useCatalogueStore } from '~/stores/catalogue'

const longestHistory = 500

/** The job that is open: its text, what follows from it, its history, and whether it is saved. */
export const useJobStore = defineStore('job', () => {
  const id = ref('')
  const job = shallowRef<Job | null>(null)
  const status = shallowRef<SaveStatus>({ kind: 'saved' })
  /** Whether this browser keeps what the server does not have yet; false where its storage is full or blocked. */
  const isKept = ref(true)
  const past = shallowRef<readonly Job[]>([])
  const future = shallowRef<readonly Job[]>([])
  const own = useCatalogueStore()
  const plan = computed(() => (job.value ? planJob(job.value, own.catalogue) : null))
  const progress = computed(() => (job.value && plan.value ? progressOf(job.value, plan.value, own.catalogue) : []))
  /** What undo takes back before the job itself: digits that are typed, say. It tells whether there was anything. */
  const undoFirst = shallowRef<(() => boolean) | null>(null)
  let loop: SaveLoop | undefined
  let channel: BroadcastChannel | undefined

  /** @param left what an earlier visit left: what its text was made from, and what it sent without hearing of it */
  function show(
    stored: Stored,
    tab: string,
    left: Pick<KeptDraft, 'base' | 'attempt'> = { base: stored.job, attempt: null },
  ): void {
    close()
    id.value = stored.id
    job.value = stored.job
    status.value = { kind: 'saved' }
    isKept.value = true
    channel = new BroadcastChannel(`jolvet-job-${stored.id}`)
    channel.onmessage = () => void refresh()
    // A job that is left and opened again has one place for its draft: it is the newer loop's.
    const keepsDraft = (): boolean => loop === undefined || loop === made || id.value !== stored.id
    const made: SaveLoop = new SaveLoop({
      ...stored,
      ...left,
      transport: httpTransport,
      keep: (text) => !keepsDraft() || keepDraft(stored.id, tab, text),
      drop() {
        if (keepsDraft()) dropDraft(stored.id, tab)
      },
      onStatus: (now) => (status.value = now),
      onKept: (now) => (isKept.value = now),
      isSound: (text) => readJob(text, own.catalogue).ok,
      onMerged: takeOver,
      onSaved: (version) => channel?.postMessage(version),
    })
    loop = made
  }

  /** Shows a text that others wrote in too. What came before is not its past: to undo it would take back what they did. */
  function takeOver(text: Job): void {
    job.value = text
    past.value = []
    future.value = []
  }

  /** Another tab or device may have saved: where nothing here is unsaved, its text is shown. */
  async function refresh(): Promise<void> {
    const asking = loop
    if (!asking?.isClean) return
    const stored = await httpTransport.newer(id.value, asking.version)
    // By now another job may be open, or something typed.
    if (stored === 'gone' && loop === asking) status.value = { kind: 'gone' }
    if (!stored || stored === 'gone' || loop !== asking || !asking.isClean || stored.version <= asking.version) return
    takeOver(stored.job)
    asking.replace(stored)
  }

  /** Opens a job, with what an earlier visit had not yet saved. @returns what is wrong, or nothing */
  async function open(wanted: string): Promise<'gone' | 'away' | 'unreadable' | null> {
    const answer = await httpTransport.load(wanted)
    if (answer.outcome === 'gone') return 'gone'
    if (answer.outcome === 'invalid') return 'unreadable'
    if (answer.outcome !== 'done') return 'away'
    const tab = await claimTab()
    const draft = await adoptDraft(wanted, tab)
    const read = draft && readJob(draft.job, own.catalogue)
    if (!draft || !read?.ok) {
      show(answer.stored, tab)
      recall()
      return null
    }
    // The draft is saved from what it was made from: a newer version in between is brought together with it.
    const base = draft.version === answer.stored.version ? answer.stored.job : readOr(draft.base)
    const sent = readOr(draft.attempt?.job)
    const attempt = draft.attempt && sent ? { ...draft.attempt, job: sent } : null
    show({ ...answer.stored, version: draft.version }, tab, { base, attempt })
    change(read.job)
    recall()
    return null
  }

  function readOr(text: unknown): Job | null {
    const read = readJob(text, own.catalogue)
    return read.ok ? read.job : null
  }

  /** The history that a reload of this tab left. */
  function recall(): void {
    if (!job.value) return
    const kept = takeHistory(sessionStorage, id.value, job.value)
    if (kept.past.length + kept.future.length === 0) return
    past.value = kept.past
    future.value = kept.future
  }

  if (import.meta.client) {
    useRefreshing(refresh)
    useEventListener(window, 'pagehide', () => {
      if (job.value) keepHistory(sessionStorage, id.value, job.value, { past: past.value, future: future.value })
    })
  }

  function put(next: Job): void {
    job.value = next
    loop?.change(next)
  }

  /** Makes a change to the job; nothing happens when it is the same job. */
  function change(next: Job): void {
    if (!job.value || next === job.value) return
    past.value = [...past.value.slice(-longestHistory), job.value]
    future.value = []
    put(next)
  }

  function undo(): void {
    if (undoFirst.value?.()) return
    const before = past.value.at(-1)
    if (!before || !job.value) return
    past.value = past.value.slice(0, -1)
    future.value = [job.value, ...future.value]
    put(before)
  }

  function redo(): void {
    const [after, ...rest] = future.value
    if (!after || !job.value) return
    past.value = [...past.value, job.value]
    future.value = rest
    put(after)
  }

  /**
   * Ends a conflict: with what was saved elsewhere in the places that are yielded and one's own in the others, or with
   * one side alone. What was not chosen comes back by undo.
   *
   * @returns whether the two hold together so; if not, one side must be chosen
   */
  function settleConflict(choice: ReadonlySet<string> | 'mine' | 'theirs'): boolean {
    if (status.value.kind !== 'conflict' || !loop || !job.value) return true
    const { theirs } = status.value
    const before = job.value
    if (typeof choice !== 'string') {
      const settled = loop.settle(theirs, choice)
      if (!settled) return false
      job.value = settled.job
      past.value = [...past.value, settled.other]
    } else if (choice === 'mine') {
      loop.insist(theirs)
      past.value = [...past.value, theirs.job]
    } else {
      job.value = theirs.job
      loop.yieldTo(theirs)
      past.value = [...past.value, before]
    }
    future.value = []
    return true
  }

  /** Saves what is here as a job of its own. @returns its id, or null when the server did not take it */
  async function saveCopy(): Promise<string | null> {
    if (!job.value) return null
    const answer = await httpTransport.create({ ...job.value, title: `${job.value.title} (copy)`.slice(0, 200) })
    return answer.outcome === 'done' ? answer.stored.id : null
  }

  function close(): void {
    channel?.close()
    channel = undefined
    loop?.leave()
    loop = undefined
    job.value = null
    past.value = []
    future.value = []
  }

  return {
    id,
    job,
    plan,
    progress,
    status,
    isKept,
    past,
    future,
    undoFirst,
    open,
    change,
    undo,
    redo,
    settleConflict,
    saveCopy,
    close,
  }
})

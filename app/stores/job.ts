import { useEventListener } from '@vueuse/core'
import { defineStore, storeToRefs } from 'pinia'
import type { Job } from '~~/core/job/job'
import { saysTheSame } from '~~/core/edit/merge'
import { readJob } from '~~/core/job/read-job'
import { withoutLengthsMade } from '~~/core/job/decisions'
import { asBuilt } from '~~/core/pipework/as-built'
import { asFittingsStand } from '~~/core/run/as-fittings-stand'
import { openChannel, type Channel } from '~/sync/between-tabs'
import { beginJob } from '~/sync/begin-job'
import { copyOf, keepCopy } from '~/sync/copies'
import { adoptDraft, dropDraft, keepDraft, keepUnderWay } from '~/sync/drafts'
import { keepHistory, takeHistory, through } from '~/sync/history'
import { readDraft, readKept } from '~/sync/read-draft'
import { SaveLoop, type KeptDraft, type SaveStatus } from '~/sync/save-loop'
import { httpTransport, type Stored } from '~/sync/job-transport'
import type { newestOf } from '~/sync/newest'
import { holdDraft } from '~/sync/draft-lock'
import { claimTab } from '~/sync/tab'
import { useCatalogueStore } from '~/stores/catalogue'
import { useDecidedStore } from '~/stores/decided'
import { useOutboxStore } from '~/stores/outbox'

const longestHistory = 500

/** The job that is open: its text, what follows from it, its history, and whether it is saved. */
export const useJobStore = defineStore('job', () => {
  const id = ref('')
  const { job: decided } = storeToRefs(useDecidedStore())
  /** Of the text that the server has, as far as it is known here. */
  const version = ref(0)
  /** The life of the server's database in which it has that version. */
  const generation = ref<string>()
  const status = shallowRef<SaveStatus>({ kind: 'saved' })
  /** Whether this browser keeps what the server does not have yet; false where its storage is full or blocked. */
  const isKept = ref(true)
  const past = shallowRef<readonly Job[]>([])
  const future = shallowRef<readonly Job[]>([])
  const own = useCatalogueStore()
  /** What edits take: as it was decided, each leg without pipe as long as its two fittings make it. */
  const job = computed(() => decided.value && asFittingsStand(own.catalogue, decided.value))
  /** As it will stand, with its made-up pieces: what is drawn, and what the plan speaks of. */
  const built = computed(() => job.value && asBuilt(own.catalogue, job.value))
  const { plan, isBehind } = usePlan(built, own)
  /** What undo takes back before the job itself: digits that are typed, say. It tells whether there was anything. */
  const undoFirst = shallowRef<(() => boolean) | null>(null)
  const outbox = useOutboxStore()
  let loop: SaveLoop | undefined
  /** Lets the draft go that this page holds. */
  let letGo = () => {}
  let channel: Channel<number> | undefined

  /** @param left what an earlier visit left: what its text was made from, and what it sent without hearing of it */
  function show(
    stored: Stored,
    tab: string,
    left: Pick<KeptDraft, 'base' | 'attempt'> = { base: stored.job, attempt: null },
  ): void {
    close()
    id.value = stored.id
    version.value = stored.version
    generation.value = stored.generation
    outbox.setBegun(stored.id, stored.version > 0)
    letGo = holdDraft(stored.id, tab)
    decided.value = stored.job
    status.value = { kind: 'saved' }
    isKept.value = true
    channel = openChannel<number>(`jolvet-job-${stored.id}`, () => void refresh())
    // A job that is left and opened again has one place for its draft: it is the newer loop's.
    const keepsDraft = (): boolean => loop === undefined || loop === made || id.value !== stored.id
    const made: SaveLoop = new SaveLoop({
      ...stored,
      ...left,
      transport: httpTransport,
      keep: async (text) => !keepsDraft() || keepDraft(stored.id, tab, text),
      drop: async () => keepsDraft() && dropDraft(stored.id, tab),
      onStatus: (now) => (status.value = now),
      onKept: (now) => (isKept.value = now),
      isSound,
      onMerged: takeOver,
      onSaved(saved) {
        if (saved.id === id.value) [version.value, generation.value] = [saved.version, saved.generation]
        outbox.setBegun(saved.id, true)
        channel?.post(saved.version)
        void keepCopy(saved)
      },
    })
    loop = made
  }

  const isSound = (text: Job): boolean => readJob(text, own.catalogue).ok

  /** Shows a text that others wrote in too. To undo takes back what was done here, and nothing of theirs. */
  function takeOver(theirs: Job): void {
    const before = decided.value
    const history = { past: past.value, future: future.value }
    const kept = before ? through(history, before, theirs, isSound) : history
    decided.value = theirs
    past.value = kept.past
    future.value = kept.future
  }

  /** Hears how far the server has come: what another tab or device saved is shown where nothing here is unsaved. */
  function hear(newest: Awaited<ReturnType<typeof newestOf>>): void {
    if (!loop?.isClean) return
    if (newest === 'gone') status.value = { kind: 'gone' }
    else if (typeof newest === 'string') status.value = { kind: 'waiting', what: newest }
    else if (newest.version > loop.version || newest.generation !== loop.generation) void refresh()
    else status.value = { kind: 'saved' }
  }

  /** Another tab or device has saved: where nothing here is unsaved, its text is shown. */
  async function refresh(): Promise<void> {
    const asking = loop
    if (!asking?.isClean) return
    const answer = await httpTransport.load(id.value)
    // By now another job may be open, or something typed.
    if (loop !== asking || !asking.isClean) return
    if (answer.outcome !== 'done') return
    const { stored } = answer
    const isOfAnother = stored.generation !== asking.generation
    if (stored.version <= asking.version && !isOfAnother) return
    const before = decided.value
    takeOver(stored.job)
    // A backup was put back: what this page had since then comes back by undo.
    if (before && isOfAnother && !saysTheSame(before, stored.job)) past.value = [before]
    ;[version.value, generation.value] = [stored.version, stored.generation]
    asking.replace(stored)
    void keepCopy(stored)
  }

  /**
   * Opens a job: as the server has it, with what an earlier visit had not yet saved; where the server does not answer,
   * as this browser last had it. @returns what is wrong, or nothing
   */
  async function open(wanted: string): Promise<'gone' | 'away' | 'unreadable' | null> {
    const [first, tab] = await Promise.all([httpTransport.load(wanted), claimTab()])
    if (first.outcome === 'invalid') return 'unreadable'
    const draft = await adoptDraft(wanted, tab, (kept) => readDraft(kept, own.catalogue))
    // Begun here without a line, it may have been sent between the two looks.
    const answer = first.outcome === 'gone' && !draft ? await httpTransport.load(wanted) : first
    const stored = answer.outcome === 'done' ? answer.stored : null
    if (draft) {
      // The draft is saved from what it was made from: a newer version in between is brought together with it.
      const isSameText = draft.version === stored?.version && draft.generation === stored.generation
      const base = isSameText ? stored.job : draft.base
      const before = stored?.job ?? draft.base
      const { version: made, generation } = draft
      show({ id: wanted, version: made, generation, job: before ?? { ...draft.job } }, tab, {
        base,
        attempt: draft.attempt,
      })
      if (before && !saysTheSame(draft.job, before)) past.value = [before]
      put(draft.job)
    } else if (stored) {
      show(stored, tab)
      void keepCopy(stored)
    } else {
      const kept = answer.outcome === 'away' ? await copyOf(wanted) : null
      const text = kept && readKept(kept.job, own.catalogue)
      if (!kept || !text) return answer.outcome === 'away' ? 'away' : 'gone'
      show({ ...kept, job: text }, tab)
      void refresh()
    }
    recall()
    return null
  }

  /** The history that a reload of this tab left. */
  function recall(): void {
    if (!decided.value) return
    const kept = takeHistory(sessionStorage, id.value, decided.value, (text) => readKept(text, own.catalogue))
    if (kept.past.length + kept.future.length === 0) return
    past.value = kept.past
    future.value = kept.future
  }

  if (import.meta.client) {
    useEventListener(window, 'pagehide', () => {
      keepUnderWay()
      if (decided.value)
        keepHistory(sessionStorage, id.value, decided.value, { past: past.value, future: future.value })
    })
  }

  function put(next: Job): void {
    decided.value = next
    loop?.change(next)
  }

  /** Makes a change to the job; nothing happens when it is the same job. */
  function change(next: Job): void {
    if (!decided.value || next === job.value) return
    past.value = [...past.value.slice(-longestHistory), decided.value]
    future.value = []
    put(withoutLengthsMade(next))
  }

  function undo(): void {
    if (undoFirst.value?.()) return
    const before = past.value.at(-1)
    if (!before || !decided.value) return
    past.value = past.value.slice(0, -1)
    future.value = [decided.value, ...future.value]
    put(before)
  }

  function redo(): void {
    const [after, ...rest] = future.value
    if (!after || !decided.value) return
    past.value = [...past.value, decided.value]
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
    if (status.value.kind !== 'conflict' || !loop || !decided.value) return true
    const { theirs } = status.value
    const before = decided.value
    if (typeof choice !== 'string') {
      const settled = loop.settle(theirs, choice)
      if (!settled) return false
      decided.value = settled.job
      past.value = [...past.value, settled.other]
    } else if (choice === 'mine') {
      loop.insist(theirs)
      past.value = [...past.value, theirs.job]
    } else {
      decided.value = theirs.job
      loop.yieldTo(theirs)
      past.value = [...past.value, before]
    }
    future.value = []
    return true
  }

  /** Saves what is here as a job of its own. @returns its id, or null when neither server nor browser took it */
  async function saveCopy(): Promise<string | null> {
    if (!decided.value) return null
    const title = `${decided.value.title} (copy)`.slice(0, 200)
    const begun = await beginJob(httpTransport, { ...decided.value, title })
    return begun.outcome === 'begun' ? begun.id : null
  }

  function close(): void {
    channel?.close()
    channel = undefined
    if (loop) loop.leave(letGo)
    loop = undefined
    decided.value = null
    past.value = []
    future.value = []
  }

  return {
    id,
    version,
    generation,
    job,
    built,
    plan,
    isBehind,
    status,
    isKept,
    past,
    future,
    undoFirst,
    open,
    hear,
    change,
    undo,
    redo,
    settleConflict,
    saveCopy,
    close,
  }
})

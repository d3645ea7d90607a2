import type { Job } from '~~/core/job/job'
import { openChannel, type Channel } from '~/sync/between-tabs'
import { keepCopy } from '~/sync/copies'
import { holdDraft } from '~/sync/job/draft-lock'
import { dropDraft, keepDraft } from '~/sync/job/drafts'
import { httpTransport, type Stored } from '~/sync/job/job-transport'
import { SaveLoop, type KeptDraft, type SaveStatus } from '~/sync/job/save-loop'
import type { HeldJob } from './held'
import type { JobHistory } from './job-history'

/** What the saving of a job asks of those around it, and tells them. */
export interface Around {
  readonly held: HeldJob
  readonly history: JobHistory
  /** Whether a text holds together: its legs have their nodes, its pipes are known. */
  readonly isSound: (text: Job) => boolean
  /** Told whether the server has the job. */
  readonly setBegun: (job: string, isBegun: boolean) => void
  /** Another tab has saved it. */
  readonly onOthersSave: () => void
}

/** What an earlier visit left: what its text was made from, and what it sent without hearing of it. */
export type Left = Pick<KeptDraft, 'base' | 'attempt'>

/** The open job's way to the server, and to this browser's other tabs. */
export interface JobSaving {
  /** Of the job that is open. */
  readonly loop: SaveLoop | undefined
  show(stored: Stored, tab: string, left?: Left): void
  /** Shows this text, keeps it here and sends it. */
  put(next: Job): void
  /** Shows a text that others wrote in too. */
  takeOver(theirs: Job): void
  close(): void
}

/** What the page makes of what its loop tells. @param tellTabs told each version that was saved */
function hearing({ held, history, isSound, setBegun }: Around, tellTabs: (version: number) => void) {
  return {
    isSound,
    onStatus: (now: SaveStatus) => (held.status.value = now),
    onKept: (now: boolean) => (held.isKept.value = now),
    onMerged(theirs: Job): void {
      const before = held.job.value
      held.job.value = theirs
      if (before) history.goThrough(before, theirs, isSound)
    },
    onSaved(saved: Stored): void {
      if (saved.id === held.id.value) [held.version.value, held.generation.value] = [saved.version, saved.generation]
      setBegun(saved.id, true)
      tellTabs(saved.version)
      void keepCopy(saved)
    },
  }
}

export function jobSaving(around: Around): JobSaving {
  const { held, history, setBegun, onOthersSave } = around
  let loop: SaveLoop | undefined
  /** Lets the draft go that this page holds. */
  let letGo = () => {}
  let channel: Channel<number> | undefined
  const heard = hearing(around, (version) => channel?.post(version))

  function show(stored: Stored, tab: string, left: Left = { base: stored.job, attempt: null }): void {
    close()
    held.id.value = stored.id
    held.version.value = stored.version
    held.generation.value = stored.generation
    setBegun(stored.id, stored.version > 0)
    letGo = holdDraft(stored.id, tab)
    held.job.value = stored.job
    held.status.value = { kind: 'saved' }
    held.isKept.value = true
    channel = openChannel<number>(`jolvet-job-${stored.id}`, onOthersSave)
    // A job that is left and opened again has one place for its draft: it is the newer loop's.
    const keepsDraft = (): boolean => loop === undefined || loop === made || held.id.value !== stored.id
    const made: SaveLoop = new SaveLoop({
      ...stored,
      ...left,
      ...heard,
      transport: httpTransport,
      keep: async (text) => !keepsDraft() || keepDraft(stored.id, tab, text),
      drop: async () => keepsDraft() && dropDraft(stored.id, tab),
    })
    loop = made
  }

  function put(next: Job): void {
    held.job.value = next
    loop?.change(next)
  }

  function close(): void {
    channel?.close()
    channel = undefined
    loop?.leave(letGo)
    loop = undefined
    held.job.value = null
    history.beginAnew()
  }

  return {
    get loop() {
      return loop
    },
    show,
    put,
    takeOver: heard.onMerged,
    close,
  }
}

import type { Job } from '~~/core/job/job'
import type { DraftRow } from '../browser-database'
import { onFreeDraft } from './draft-lock'
import { allDrafts, dropDraft, keepDraft } from './drafts'
import type { Transport } from './job-transport'
import { SaveLoop, type KeptDraft } from './save-loop'

export interface DraftSending {
  readonly transport: Transport
  /** A draft as this program reads it; null where it cannot. */
  readonly read: (draft: KeptDraft) => KeptDraft | null
  readonly isSound: (job: Job) => boolean
}

/**
 * Sends what earlier visits left of jobs that no page has open: a job that was begun without a line is there for others
 * though nobody opens it again. What clashes with another's change stays for who opens it.
 *
 * @returns whether any was saved
 */
export async function sendLeftDrafts(sending: DraftSending): Promise<boolean> {
  let hasSaved = false
  for (const row of await allDrafts())
    await onFreeDraft(row.job, row.tab, async (taken) => {
      if (await send(row, taken, sending)) hasSaved = true
    })
  return hasSaved
}

/** Sends one draft, as far as the server answers. @returns whether it has all of it now */
async function send(
  { job: id, tab }: DraftRow,
  taken: AbortSignal,
  { transport, read, isSound }: DraftSending,
): Promise<boolean> {
  // Read anew: by now it may have been sent or changed.
  const row = (await allDrafts()).find((other) => other.job === id && other.tab === tab)
  const draft = row ? read(row.draft) : null
  if (!draft) return false
  return new Promise((resolve) => {
    const end = (isSaved: boolean) => {
      loop.stop()
      resolve(isSaved)
    }
    const loop = new SaveLoop({
      id,
      version: draft.version,
      job: draft.base ?? { ...draft.job },
      base: draft.base,
      attempt: draft.attempt,
      transport,
      keep: async (text) => taken.aborted || keepDraft(id, tab, text),
      drop: async () => taken.aborted || dropDraft(id, tab),
      onStatus: ({ kind }) => {
        if (kind !== 'saving') end(kind === 'saved')
      },
      onKept: () => {},
      isSound,
      onMerged: () => {},
      onSaved: () => {},
    })
    taken.addEventListener('abort', () => end(false), { once: true })
    loop.change(draft.job)
  })
}

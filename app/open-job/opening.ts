import { saysTheSame } from '~~/core/edit/merge'
import type { Job } from '~~/core/job/job'
import { copyOf, keepCopy } from '~/sync/copies'
import { adoptDraft } from '~/sync/job/drafts'
import { httpTransport, type Stored } from '~/sync/job/job-transport'
import { readDraft } from '~/sync/job/read-draft'
import type { KeptDraft } from '~/sync/job/save-loop'
import { claimTab } from '~/sync/tab'
import type { JobHistory } from './job-history'
import type { JobSaving } from './job-saving'

/** Why a job does not open. */
export type NotOpened = 'gone' | 'away' | 'unreadable'

interface Opening {
  readonly history: JobHistory
  readonly saving: JobSaving
  /** A text as a job of this program: an earlier one may have kept it. Null where it cannot be read. */
  readonly read: (text: unknown) => Job | null
  /** What others saved meanwhile is looked for. */
  readonly refresh: () => Promise<void>
}

/**
 * Opens a job: as the server has it, with what an earlier visit had not yet saved; where the server does not answer,
 * as this browser last had it.
 *
 * @returns what is wrong, or nothing
 */
export async function openJob(wanted: string, around: Opening): Promise<NotOpened | null> {
  const { saving, read, refresh } = around
  const [first, tab] = await Promise.all([httpTransport.load(wanted), claimTab()])
  if (first.outcome === 'invalid') return 'unreadable'
  const draft = await adoptDraft(wanted, tab, (kept) => readDraft(kept, read))
  // Begun here without a line, it may have been sent between the two looks.
  const answer = first.outcome === 'gone' && !draft ? await httpTransport.load(wanted) : first
  const stored = answer.outcome === 'done' ? answer.stored : null
  if (draft) {
    showDraft(wanted, tab, draft, { stored, ...around })
  } else if (stored) {
    saving.show(stored, tab)
    void keepCopy(stored)
  } else {
    const kept = answer.outcome === 'away' ? await copyOf(wanted) : null
    const text = kept && read(kept.job)
    if (!kept || !text) return answer.outcome === 'away' ? 'away' : 'gone'
    saving.show({ ...kept, job: text }, tab)
    void refresh()
  }
  return null
}

/** A draft is saved from what it was made from: a newer version in between is brought together with it. */
function showDraft(
  id: string,
  tab: string,
  draft: KeptDraft,
  { stored, saving, history }: Pick<Opening, 'saving' | 'history'> & { readonly stored: Stored | null },
): void {
  const { version, generation, attempt } = draft
  const isSameText = version === stored?.version && generation === stored.generation
  const base = isSameText ? stored.job : draft.base
  const before = stored?.job ?? draft.base
  saving.show({ id, version, generation, job: before ?? { ...draft.job } }, tab, { base, attempt })
  if (before && !saysTheSame(draft.job, before)) history.beginAnew(before)
  saving.put(draft.job)
}

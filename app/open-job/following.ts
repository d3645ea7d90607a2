import { saysTheSame } from '~~/core/edit/merge'
import { keepCopy } from '~/sync/copies'
import { httpTransport } from '~/sync/job/job-transport'
import type { newestOf } from '~/sync/newest'
import type { HeldJob } from './held'
import type { JobHistory } from './job-history'
import type { JobSaving } from './job-saving'

interface Followed {
  readonly held: HeldJob
  readonly history: JobHistory
  readonly saving: JobSaving
}

/** What other tabs and devices save of the open job is shown where nothing here is unsaved. */
export function followOthers({ held, history, saving }: Followed) {
  /** Another tab or device has saved. */
  async function refresh(): Promise<void> {
    const asking = saving.loop
    if (!asking?.isClean) return
    const answer = await httpTransport.load(held.id.value)
    // By now another job may be open, or something typed.
    if (saving.loop !== asking || !asking.isClean) return
    if (answer.outcome !== 'done') return
    const { stored } = answer
    const isOfAnother = stored.generation !== asking.generation
    if (stored.version <= asking.version && !isOfAnother) return
    const before = held.job.value
    saving.takeOver(stored.job)
    // A backup was put back: what this page had since then comes back by undo.
    if (before && isOfAnother && !saysTheSame(before, stored.job)) history.beginAnew(before)
    ;[held.version.value, held.generation.value] = [stored.version, stored.generation]
    asking.replace(stored)
    void keepCopy(stored)
  }

  /** Hears how far the server has come. */
  function hear(newest: Awaited<ReturnType<typeof newestOf>>): void {
    const { loop } = saving
    if (!loop?.isClean) return
    if (newest === 'gone') held.status.value = { kind: 'gone' }
    else if (typeof newest === 'string') held.status.value = { kind: 'waiting', what: newest }
    else if (newest.version > loop.version || newest.generation !== loop.generation) void refresh()
    else held.status.value = { kind: 'saved' }
  }

  return { refresh, hear }
}

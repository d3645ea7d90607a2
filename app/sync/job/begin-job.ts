import type { Job } from '~~/core/job/job'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import { keepDraft } from './drafts'
import type { Transport } from './job-transport'
import { claimTab } from '../tab'

export type Begun =
  | { readonly outcome: 'begun'; readonly id: string }
  | { readonly outcome: 'invalid'; readonly fields: readonly FieldProblem[] }
  /** Neither the server nor the browser took it. */
  | { readonly outcome: 'nowhere' }

/**
 * Begins a job under an id made here: on the server, or, where that does not answer, as a draft of this tab, which is
 * sent once it is opened and the server is back.
 *
 * @param id that it had where it comes from; else one that nothing has
 */
export async function beginJob(transport: Transport, job: Job, id: string = crypto.randomUUID()): Promise<Begun> {
  const key = crypto.randomUUID()
  const answer = await transport.save(id, { job, version: 0, key })
  if (answer.outcome === 'done') return { outcome: 'begun', id }
  if (answer.outcome === 'invalid') return answer
  const draft = { version: 0, job, base: null, attempt: { job, version: 0, key } }
  return (await keepDraft(id, await claimTab(), draft)) ? { outcome: 'begun', id } : { outcome: 'nowhere' }
}

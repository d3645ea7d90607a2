import type { Job } from '~~/core/job/job'
import type { Visit } from '~~/core/job/visit-schema'
import type { VisitTimes } from '~~/core/log/visit-times'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import type { Units } from '~~/core/quantity/units'
import type { Thumbnail } from '~~/core/draw/thumbnail'
import type { Cutting, RackOffcut } from '~~/core/cut/rack'
import type { StepProgress } from '~~/core/plan/progress'
import type { JointTime } from '~~/core/workshop/work-log'
import type { Part } from '~~/core/catalogue/part'
import type { Workshop } from '~~/core/workshop/workshop'
import type { Van } from '~~/core/van/van'
import { ask } from './ask'

/** What the page asks the server for, each path with what it answers. */

/** A part's figure as the server has it. */
export interface RecordedPart extends Part {
  readonly id: number
  readonly at: string
}

export interface ListedJob {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly updatedAt: string
}
/** A job as the list has it: where it stands, or that this is worked out yet, or that the program fails on it. */
export type ReadableJob = ListedJob &
  (
    | {
        readonly units: Units
        readonly progress: readonly StepProgress[]
        readonly sample?: boolean
        readonly picture?: Thumbnail | null
      }
    | { readonly pending: true }
    | { readonly unplannable: string }
  )
/** A job whose stored text cannot be read; it stands in the way of no other. */
export interface UnreadableJob extends ListedJob {
  readonly unreadable: readonly FieldProblem[]
}
export interface DeletedJob {
  readonly id: string
  readonly title: string
  readonly deletedAt: string
}
/** A record that was handed over, and its seal. */
export interface SealedRecord {
  readonly sha256: string
  readonly entry: string
  readonly at: string
}

const part = encodeURIComponent

/** @returns null where it was not heard, or not answered well */
async function read<Answer>(path: string): Promise<Answer | null> {
  const heard = await ask(path)
  return heard?.isGood && heard.json !== undefined ? (heard.json as Answer) : null
}

export const readParts = () => read<readonly RecordedPart[]>('/api/parts')
export const readWorkshop = () => read<Workshop>('/api/workshop')
export const readVan = () => read<Van>('/api/van')
export const readOffcuts = () => read<readonly RackOffcut[]>('/api/rack')
export const readCuttings = (job: string) => read<readonly Cutting[]>(`/api/jobs/${part(job)}/cuttings`)
export const readMinutes = (job: string) => read<readonly JointTime[]>(`/api/jobs/${part(job)}/minutes`)
export const readSealedRecords = (job: string) => read<readonly SealedRecord[]>(`/api/jobs/${part(job)}/records`)
/** The key by which this workshop signs its records. */
export const readSigningKey = () => read<{ readonly key: string }>('/api/signing-key')
/** A visit with the job that it is of. */
export interface JobVisit {
  readonly job: string
  readonly title: string
  readonly address?: string
  readonly version: number
  readonly visit: Visit
  readonly real: VisitTimes
}
export const readVisits = (from: string, to: string) =>
  read<{ readonly visits: readonly JobVisit[] }>(`/api/visits?from=${part(from)}&to=${part(to)}`)
export const readDeletedJobs = () => read<readonly DeletedJob[]>('/api/deleted-jobs')

/** A page of the list of jobs. @param after where the one before ended; null for the first */
export const readJobs = (after: string | null) =>
  read<{ readonly jobs: readonly (ReadableJob | UnreadableJob)[]; readonly next: string | null }>(
    `/api/job-summaries${after === null ? '' : `?after=${part(after)}`}`,
  )

/** What went wrong, as the server says it; undefined where it was not heard. */
export type Told<Answer> = { readonly done: Answer } | { readonly message: string | undefined }

/** A whole job, or the text of one that cannot be read. */
export async function readWholeJob(id: string): Promise<Told<{ job: Job } | { text: string }>> {
  const heard = await ask(`/api/jobs/${part(id)}`)
  const answer = heard?.json as { job?: Job; text?: string; message?: string } | undefined
  if (heard?.isGood && answer?.job) return { done: { job: answer.job } }
  return answer?.text === undefined ? { message: answer?.message } : { done: { text: answer.text } }
}

async function command(path: string, method: 'DELETE' | 'POST'): Promise<Told<true>> {
  const heard = await ask(path, { method })
  if (heard?.isGood) return { done: true }
  return { message: (heard?.json as { message?: string } | undefined)?.message }
}
/** Deletes a job as it was seen; it can be put back for thirty days. */
export const deleteJob = ({ id, version }: Pick<ListedJob, 'id' | 'version'>) =>
  command(`/api/jobs/${part(id)}?version=${version}`, 'DELETE')
export const putJobBack = (id: string) => command(`/api/jobs/${part(id)}/put-back`, 'POST')

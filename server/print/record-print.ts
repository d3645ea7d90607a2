import type { Content } from 'pdfmake/interfaces'
import type { Catalogue } from '~~/core/catalogue/catalogue'
import type { Job } from '~~/core/job/job'
import type { Entry } from '~~/core/log/entry'
import type { Plan } from '~~/core/plan/types'
import { formatMoment } from '~~/core/record/format-moment'
import type { Seal } from '~~/core/record/seal'
import type { SpokenRecord } from '../http/spoken'

/** What a record is printed from: itself in words, the job and its plan for the drawings, the photos' pictures. */
export interface RecordPrint {
  readonly record: SpokenRecord
  readonly job: Job
  readonly plan: Plan
  readonly version: number
  readonly catalogue: Catalogue
  readonly entries: readonly Entry[]
  /** Of the record that it was handed over with last; null where it was not. */
  readonly seal: Seal | null
  /** Files of photos, by their SHA-256. */
  readonly pictures: Readonly<Record<string, string>>
}

/** A moment by the clock of where the work is. */
export const whenIn =
  ({ zone }: Pick<Job, 'zone'>) =>
  (at: string): string =>
    formatMoment(at, zone)
export const list = (items: readonly string[]): Content => ({ ul: [...items] })

import { and, like } from 'drizzle-orm'
import type { Visit } from '~~/core/job/visit-schema'
import { visitTimes, type VisitTimes } from '~~/core/log/visit-times'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { entriesOfKind } from './log'
import { jobs } from './schema'

/** A visit with the job that it is of. */
export interface JobVisit {
  readonly job: string
  readonly title: string
  readonly address?: string
  readonly version: number
  readonly visit: Visit
  /** When it really began and ended, as far as the log says. */
  readonly real: VisitTimes
}

/** By day and time; one without a time after those that have one. */
const placeOf = ({ visit: { on, at } }: JobVisit): string => `${on} ${at ?? '24:00'}`

/**
 * The visits from one day to another, both included, in the order in which they come; jobs that cannot be read have none.
 *
 * @param from year-month-day
 */
export async function visitsBetween(from: string, to: string): Promise<readonly JobVisit[]> {
  const database = await useDatabase()
  const rows = await database
    .select({ id: jobs.id, title: jobs.title, version: jobs.version, document: jobs.document })
    .from(jobs)
    // Most jobs have none: only what may have some is read.
    .where(and(isThere, like(jobs.document, '%"visits":[{%')))
  const visits = rows
    .flatMap(({ id, title, version, document }) =>
      'job' in document
        ? (document.job.visits ?? []).map((visit) => ({
            job: id,
            title,
            address: document.job.address,
            version,
            visit,
          }))
        : [],
    )
    .filter(({ visit: { on } }) => on >= from && on <= to)
  const said = await entriesOfKind(
    'visit-times',
    visits.map(({ job }) => job),
  )
  const real = new Map([...said].map(([job, entries]) => [job, visitTimes(entries)]))
  return visits
    .map((of): JobVisit => ({ ...of, real: real.get(of.job)?.get(of.visit.id) ?? {} }))
    .toSorted((one, other) => placeOf(one).localeCompare(placeOf(other)))
}

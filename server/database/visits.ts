import { and, like } from 'drizzle-orm'
import type { Visit } from '~~/core/job/visit-schema'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { jobs } from './schema'

/** A visit with the job that it is of. */
export interface JobVisit {
  readonly job: string
  readonly title: string
  readonly address?: string
  readonly visit: Visit
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
    .select({ id: jobs.id, title: jobs.title, document: jobs.document })
    .from(jobs)
    // Most jobs have none: only what may have some is read.
    .where(and(isThere, like(jobs.document, '%"visits":[{%')))
  const visits = rows.flatMap(({ id, title, document }) =>
    'job' in document
      ? (document.job.visits ?? []).map((visit) => ({ job: id, title, address: document.job.address, visit }))
      : [],
  )
  return visits
    .filter(({ visit: { on } }) => on >= from && on <= to)
    .toSorted((one, other) => placeOf(one).localeCompare(placeOf(other)))
}

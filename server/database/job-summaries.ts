import { createHash } from 'node:crypto'
import { and, desc, eq, lt, max, or } from 'drizzle-orm'
import type { JobStatus } from '../work/status'
import { useDatabase, type Database } from './connection/connection'
import { isThere } from './jobs'
import { newestEntries } from './log'
import { jobs, parts } from './schema'
import { readSiteTexts, type SiteTexts } from './site'

export type JobSummary = (JobStatus | { readonly pending: true }) & {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly updatedAt: Date
}

/** Where a page of the list goes on: after this job, which was saved at this time. */
export interface ListCursor {
  readonly updatedAt: Date
  readonly id: string
}

/** What a summary was worked out from: the job's version, its newest entry, the newest part of one's own, and the program itself. */
const originOf = (version: number, entry: number, part: number): string =>
  createHash('sha1').update(`${useRuntimeConfig().app.buildId} ${version} ${entry} ${part}`).digest('hex')

async function newestPart(database: Database): Promise<number> {
  const [row] = await database.select({ id: max(parts.id) }).from(parts)
  return row?.id ?? 0
}

type Row = Pick<typeof jobs.$inferSelect, 'id' | 'version' | 'title' | 'updatedAt' | 'summary' | 'summaryOf'>

/** What is read of a job for the list; not its document. */
const listed = {
  id: jobs.id,
  version: jobs.version,
  title: jobs.title,
  updatedAt: jobs.updatedAt,
  summary: jobs.summary,
  summaryOf: jobs.summaryOf,
}

/** Tells of each of these jobs from what its summary would be worked out now. */
async function originsOf(
  rows: readonly Pick<Row, 'id' | 'version'>[],
): Promise<(row: Pick<Row, 'id' | 'version'>) => string> {
  const database = await useDatabase()
  const [newest, written] = await Promise.all([newestPart(database), newestEntries(rows.map((row) => row.id))])
  return (row) => originOf(row.version, written.get(row.id) ?? 0, newest)
}

/**
 * Jobs with where each stands, the one saved last first: as it was worked out when it was saved. Of one whose job, log or
 * part changed since, that is not known yet.
 */
export async function listSummaries(
  count: number,
  after: ListCursor | null,
): Promise<{ readonly jobs: JobSummary[]; readonly next: ListCursor | null }> {
  const database = await useDatabase()
  const { id, updatedAt } = jobs
  const rows: Row[] = await database
    .select(listed)
    .from(jobs)
    .where(
      and(
        isThere,
        after ? or(lt(updatedAt, after.updatedAt), and(eq(updatedAt, after.updatedAt), lt(id, after.id))) : undefined,
      ),
    )
    .orderBy(desc(updatedAt), desc(id))
    .limit(count)
  const origin = await originsOf(rows)
  const found = rows.map(({ summary, summaryOf, ...row }): JobSummary => {
    return summaryOf === origin(row) ? { ...row, ...(summary as JobStatus) } : { ...row, pending: true }
  })
  const last = rows.length === count ? rows.at(-1) : undefined
  return { jobs: found, next: last ? { updatedAt: last.updatedAt, id: last.id } : null }
}

/** Works out where a job stands, where that is not known of it as it is now, and keeps it. */
export async function summarise(job: string, work: (texts: SiteTexts) => Promise<JobStatus>): Promise<void> {
  const database = await useDatabase()
  const [row]: Row[] = await database
    .select(listed)
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
  if (!row) return
  const summaryOf = (await originsOf([row]))(row)
  if (row.summaryOf === summaryOf) return
  const texts = await readSiteTexts(job)
  // Saved again meanwhile: it is worked out after that save.
  if (texts?.version !== row.version) return
  const summary = await work(texts)
  await database
    .update(jobs)
    .set({ summary, summaryOf })
    .where(and(eq(jobs.id, job), eq(jobs.version, row.version)))
}

import { createHash } from 'node:crypto'
import { and, desc, eq, lt, max, or } from 'drizzle-orm'
import { catalogueWith } from '~~/core/catalogue/catalogue'
import type { Entry } from '~~/core/log/entry'
import { asBuilt } from '~~/core/build/as-built'
import { jointsDone } from '~~/core/log/joints-done'
import { siteState } from '~~/core/log/site-state'
import type { FieldProblem } from '~~/core/quantity/field-problem'
import type { Units } from '~~/core/quantity/units'
import { planJob } from '~~/core/plan/plan-job'
import { progressOf, type StepProgress } from '~~/core/plan/progress'
import { useDatabase, type Database } from './connection'
import { isThere } from './jobs'
import { newestEntries, wholeLog } from './log'
import { currentParts } from './parts'
import { jobs, parts, type JobDocument } from './schema'

/** Where a job stands, as the list of jobs tells it; or what is wrong in it. */
type Standing =
  | { readonly units: Units; readonly progress: readonly StepProgress[] }
  | { readonly unreadable: readonly FieldProblem[] }

export type JobSummary = Standing & {
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

function standingOf(
  document: JobDocument,
  catalogue: ReturnType<typeof catalogueWith>,
  entries: readonly Entry[],
): Standing {
  if (!('job' in document)) return { unreadable: document.unreadable }
  const job = asBuilt(catalogue, document.job)
  const plan = planJob(job, catalogue)
  return {
    units: job.units,
    progress: progressOf(job, plan, catalogue, jointsDone(job, plan, siteState(plan, entries))),
  }
}

/** What a summary was worked out from: the job's version, its newest entry, the newest part of one's own, and the program itself. */
const originOf = (version: number, entry: number, part: number): string =>
  createHash('sha1').update(`${useRuntimeConfig().app.buildId} ${version} ${entry} ${part}`).digest('hex')

async function newestPart(database: Database): Promise<number> {
  const [row] = await database.select({ id: max(parts.id) }).from(parts)
  return row?.id ?? 0
}

/**
 * Jobs with where each stands, the one saved last first. What was worked out before is read; what changed since, the
 * job, its log or a part of one's own, is worked out now and kept.
 */
export async function listSummaries(
  count: number,
  after: ListCursor | null,
): Promise<{ readonly jobs: JobSummary[]; readonly next: ListCursor | null }> {
  const database = await useDatabase()
  const newest = await newestPart(database)
  const { id, version, title, updatedAt, summary, summaryOf } = jobs
  const rows = await database
    .select({ id, version, title, updatedAt, summary, summaryOf })
    .from(jobs)
    .where(
      and(
        isThere,
        after ? or(lt(updatedAt, after.updatedAt), and(eq(updatedAt, after.updatedAt), lt(id, after.id))) : undefined,
      ),
    )
    .orderBy(desc(updatedAt), desc(id))
    .limit(count)
  const written = await newestEntries(rows.map((row) => row.id))
  const origin = (row: { readonly id: string; readonly version: number }) =>
    originOf(row.version, written.get(row.id) ?? 0, newest)
  const isOld = (row: (typeof rows)[number]) => row.summaryOf !== origin(row)
  const catalogue = rows.some(isOld) ? catalogueWith(await currentParts()) : null
  const found: JobSummary[] = []
  for (const { summary: known, summaryOf: of, ...row } of rows) {
    if (!catalogue || !isOld({ ...row, summary: known, summaryOf: of })) {
      found.push({ ...row, ...(known as Standing) })
      continue
    }
    const [whole] = await database
      .select({ document: jobs.document })
      .from(jobs)
      .where(and(eq(id, row.id), eq(version, row.version)))
    // Saved or deleted between the two reads: when the list is read next it stands where it belongs.
    if (!whole) continue
    const entries = written.has(row.id) ? ((await wholeLog(row.id)) ?? []) : []
    const standing = standingOf(whole.document, catalogue, entries)
    await database
      .update(jobs)
      .set({ summary: standing, summaryOf: origin(row) })
      .where(and(eq(id, row.id), eq(version, row.version)))
    found.push({ ...row, ...standing })
  }
  const last = rows.length === count ? rows.at(-1) : undefined
  return { jobs: found, next: last ? { updatedAt: last.updatedAt, id: last.id } : null }
}

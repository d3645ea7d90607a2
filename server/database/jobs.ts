import { and, desc, eq, inArray, isNull } from 'drizzle-orm'
import type { Job } from '~~/core/job/job'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import { useDatabase } from './connection/connection'
import { jobs } from './schema'
import type { Transaction } from './connection/transaction'

type JobRow = typeof jobs.$inferSelect

export interface StoredJob {
  readonly id: string
  readonly version: number
  readonly job: Job
}

/** A job whose text cannot be read: what is wrong in it, and the text itself, to be taken out and mended. */
export interface UnreadableJob {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly unreadable: readonly FieldProblem[]
  readonly text: string
}

const stored = ({ id, version, title, document }: JobRow): StoredJob | UnreadableJob =>
  'job' in document ? { id, version, job: document.job } : { id, version, title, ...document }

/** Whether it is not deleted. */
export const isThere = isNull(jobs.deletedAt)

/** So many jobs are read at a time: in between others are answered. */
const atOnce = 20

export type ListedJob = (StoredJob | UnreadableJob) & { readonly updatedAt: Date }

/** All jobs as they stood when it began, the one worked on last first; a few at a time. */
export async function* listJobs(): AsyncGenerator<readonly ListedJob[]> {
  const database = await useDatabase()
  const order = await database.select({ id: jobs.id }).from(jobs).where(isThere).orderBy(desc(jobs.updatedAt))
  const ids = order.map(({ id }) => id)
  for (let from = 0; from < ids.length; from += atOnce) {
    const some = ids.slice(from, from + atOnce)
    const rows = await database
      .select()
      .from(jobs)
      .where(and(inArray(jobs.id, some), isThere))
    const found = new Map(rows.map((row) => [row.id, row]))
    yield some.flatMap((id) => {
      const row = found.get(id)
      return row ? { ...stored(row), updatedAt: row.updatedAt } : []
    })
  }
}

export async function findJob(id: string): Promise<StoredJob | UnreadableJob | null> {
  const database = await useDatabase()
  const [row] = await database
    .select()
    .from(jobs)
    .where(and(eq(jobs.id, id), isThere))
  return row ? stored(row) : null
}

/** The version in which a job stands now; null where there is none. */
export async function versionOf(id: string): Promise<number | null> {
  const database = await useDatabase()
  const [row] = await database
    .select({ version: jobs.version })
    .from(jobs)
    .where(and(eq(jobs.id, id), isThere))
  return row?.version ?? null
}

/** Puts a job in under an id that was never used. @returns whether the id was free */
export async function createJob(transaction: Transaction, id: string, job: Job): Promise<boolean> {
  const now = new Date()
  const [result] = await transaction
    .insert(jobs)
    .ignore()
    .values({ id, version: 1, title: job.title, document: { job }, createdAt: now, updatedAt: now })
  return result.affectedRows === 1
}

/**
 * Saves a job made from a version; one statement decides, so that of two saves from one version only one is taken.
 *
 * @returns whether it was
 */
export async function saveJob(transaction: Transaction, id: string, fromVersion: number, job: Job): Promise<boolean> {
  const [result] = await transaction
    .update(jobs)
    .set({ version: fromVersion + 1, title: job.title, document: { job }, updatedAt: new Date() })
    .where(and(eq(jobs.id, id), eq(jobs.version, fromVersion), isThere))
  return result.affectedRows === 1
}

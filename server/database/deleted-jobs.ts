import { and, desc, eq, isNotNull, notExists } from 'drizzle-orm'
import { useDatabase } from './connection/connection'
import { isDaysAgo } from './days-ago'
import { isThere } from './jobs'
import { jobs, logEntries } from './schema'
import type { Transaction } from './connection/transaction'

/** So long a deleted job can be put back. */
export const keptDays = 30

export interface DeletedJob {
  readonly id: string
  readonly version: number
  readonly title: string
  readonly deletedAt: Date
}

/** The jobs that can be put back, the one deleted last first. */
export async function listDeleted(): Promise<DeletedJob[]> {
  const database = await useDatabase()
  const rows = await database
    .select({ id: jobs.id, version: jobs.version, title: jobs.title, deletedAt: jobs.deletedAt })
    .from(jobs)
    .where(isNotNull(jobs.deletedAt))
    .orderBy(desc(jobs.deletedAt))
  return rows as DeletedJob[]
}

/** Takes away for good what was deleted so long ago; a job of which something was written down stays in the archive. */
export async function forgetDeletedJobs(): Promise<void> {
  const database = await useDatabase()
  const written = database.select({ id: logEntries.id }).from(logEntries).where(eq(logEntries.job, jobs.id))
  await database
    .delete(jobs)
    .where(and(isNotNull(jobs.deletedAt), isDaysAgo(jobs.deletedAt, keptDays), notExists(written)))
}

/**
 * Takes a job away, for good only after thirty days; where a version is named, only as it was seen.
 *
 * @returns whether it was there, in that version
 */
export async function deleteJob(transaction: Transaction, id: string, version: number | null): Promise<boolean> {
  const [result] = await transaction
    .update(jobs)
    .set({ deletedAt: new Date() })
    .where(and(eq(jobs.id, id), isThere, version === null ? undefined : eq(jobs.version, version)))
  return result.affectedRows === 1
}

/** Puts a deleted job back as it was. @returns whether there was one */
export async function putBackJob(transaction: Transaction, id: string): Promise<boolean> {
  const [result] = await transaction
    .update(jobs)
    .set({ deletedAt: null })
    .where(and(eq(jobs.id, id), isNotNull(jobs.deletedAt)))
  return result.affectedRows === 1
}

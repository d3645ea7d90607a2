import { randomUUID } from 'node:crypto'
import { and, desc, eq } from 'drizzle-orm'
import type { Job } from '~~/core/job/job'
import type { FieldProblem } from '~~/core/job/read-job'
import { useDatabase } from './connection'
import { jobs } from './schema'

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

export type Saved =
  { readonly outcome: 'saved' | 'conflict'; readonly stored: StoredJob } | { readonly outcome: 'missing' }

const stored = ({ id, version, title, document }: JobRow): StoredJob | UnreadableJob =>
  'job' in document ? { id, version, job: document.job } : { id, version, title, ...document }

/** All jobs, the one worked on last first. */
export async function listJobs(): Promise<((StoredJob | UnreadableJob) & { updatedAt: Date })[]> {
  const database = await useDatabase()
  const rows = await database.select().from(jobs).orderBy(desc(jobs.updatedAt))
  return rows.map((row) => ({ ...stored(row), updatedAt: row.updatedAt }))
}

export async function findJob(id: string): Promise<StoredJob | UnreadableJob | null> {
  const database = await useDatabase()
  const [row] = await database.select().from(jobs).where(eq(jobs.id, id))
  return row ? stored(row) : null
}

export async function createJob(job: Job): Promise<StoredJob> {
  const database = await useDatabase()
  const now = new Date()
  const id = randomUUID()
  await database
    .insert(jobs)
    .values({ id, version: 1, title: job.title, document: { job }, createdAt: now, updatedAt: now })
  return { id, version: 1, job }
}

/** Saves a job made from a version; one statement decides, so that of two saves from one version only one is taken. */
export async function saveJob(id: string, fromVersion: number, job: Job): Promise<Saved> {
  const database = await useDatabase()
  const [result] = await database
    .update(jobs)
    .set({ version: fromVersion + 1, title: job.title, document: { job }, updatedAt: new Date() })
    .where(and(eq(jobs.id, id), eq(jobs.version, fromVersion)))
  if (result.affectedRows === 1) return { outcome: 'saved', stored: { id, version: fromVersion + 1, job } }
  const newer = await findJob(id)
  // What stands there and cannot be read is no version to choose from.
  return newer && 'job' in newer ? { outcome: 'conflict', stored: newer } : { outcome: 'missing' }
}

/** @returns whether there was such a job */
export async function deleteJob(id: string): Promise<boolean> {
  const database = await useDatabase()
  const [result] = await database.delete(jobs).where(eq(jobs.id, id))
  return result.affectedRows === 1
}

import { randomUUID } from 'node:crypto'
import { and, desc, eq } from 'drizzle-orm'
import type { Job } from '~~/core/job/job'
import { useDatabase } from './connection'
import { jobs } from './schema'

export interface StoredJob {
  readonly id: string
  readonly version: number
  readonly job: Job
}

export type Saved =
  { readonly outcome: 'saved' | 'conflict'; readonly stored: StoredJob } | { readonly outcome: 'missing' }

const stored = (row: { id: string; version: number; document: Job }): StoredJob => ({
  id: row.id,
  version: row.version,
  job: row.document,
})

/** All jobs, the one worked on last first. */
export async function listJobs(): Promise<(StoredJob & { updatedAt: Date })[]> {
  const database = await useDatabase()
  const rows = await database.select().from(jobs).orderBy(desc(jobs.updatedAt))
  return rows.map((row) => ({ ...stored(row), updatedAt: row.updatedAt }))
}

export async function findJob(id: string): Promise<StoredJob | null> {
  const database = await useDatabase()
  const [row] = await database.select().from(jobs).where(eq(jobs.id, id))
  return row ? stored(row) : null
}

export async function createJob(job: Job): Promise<StoredJob> {
  const database = await useDatabase()
  const now = new Date()
  const row = { id: randomUUID(), version: 1, title: job.title, document: job, createdAt: now, updatedAt: now }
  await database.insert(jobs).values(row)
  return stored(row)
}

/** Saves a job made from a version; one statement decides, so that of two saves from one version only one is taken. */
export async function saveJob(id: string, fromVersion: number, job: Job): Promise<Saved> {
  const database = await useDatabase()
  const [result] = await database
    .update(jobs)
    .set({ version: fromVersion + 1, title: job.title, document: job, updatedAt: new Date() })
    .where(and(eq(jobs.id, id), eq(jobs.version, fromVersion)))
  if (result.affectedRows === 1) return { outcome: 'saved', stored: { id, version: fromVersion + 1, job } }
  const newer = await findJob(id)
  return newer ? { outcome: 'conflict', stored: newer } : { outcome: 'missing' }
}

/** @returns whether there was such a job */
export async function deleteJob(id: string): Promise<boolean> {
  const database = await useDatabase()
  const [result] = await database.delete(jobs).where(eq(jobs.id, id))
  return result.affectedRows === 1
}

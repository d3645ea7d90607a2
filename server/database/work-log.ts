import { asc, eq } from 'drizzle-orm'
import type { JointTime } from '~~/core/job/work-log'
import { useDatabase } from './connection'
import { jobs, jointMinutes } from './schema'

/** What the joints of a job took: of each the newest entry, without those that were taken back. */
export async function minutesTaken(job: string): Promise<JointTime[]> {
  const database = await useDatabase()
  const rows = await database.select().from(jointMinutes).where(eq(jointMinutes.job, job)).orderBy(asc(jointMinutes.id))
  const newest = new Map(rows.map(({ joint, minutes }) => [joint, { joint, minutes }]))
  return [...newest.values()].filter(({ minutes }) => minutes !== null)
}

/** Adds entries to a job's log. @returns whether there is such a job */
export async function recordMinutes(job: string, took: readonly JointTime[]): Promise<boolean> {
  const database = await useDatabase()
  const at = new Date()
  return database.transaction(async (transaction) => {
    const [known] = await transaction.select({ id: jobs.id }).from(jobs).where(eq(jobs.id, job))
    if (!known) return false
    await transaction.insert(jointMinutes).values(took.map((entry) => ({ ...entry, job, at })))
    return true
  })
}

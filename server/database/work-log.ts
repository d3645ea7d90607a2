import { and, asc, eq } from 'drizzle-orm'
import type { JointTime } from '~~/core/workshop/work-log'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { jobs, jointMinutes } from './schema'
import { errorCode } from './connection/error-code'
import type { Transaction } from './connection/transaction'

/** What the joints of a job took: of each the newest entry, without those that were taken back. */
export async function minutesTaken(job: string): Promise<JointTime[]> {
  const database = await useDatabase()
  const rows = await database
    .select({ joint: jointMinutes.joint, minutes: jointMinutes.minutes })
    .from(jointMinutes)
    .innerJoin(jobs, and(eq(jobs.id, jointMinutes.job), isThere))
    .where(eq(jointMinutes.job, job))
    .orderBy(asc(jointMinutes.id))
  const newest = new Map(rows.map(({ joint, minutes }) => [joint, { joint, minutes }]))
  return [...newest.values()].filter(({ minutes }) => minutes !== null)
}

/** Adds entries to a job's log. @returns whether there is such a job */
export async function recordMinutes(
  transaction: Transaction,
  job: string,
  took: readonly JointTime[],
): Promise<boolean> {
  const at = new Date()
  const [there] = await transaction
    .select({ id: jobs.id })
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
  if (!there) return false
  try {
    await transaction.insert(jointMinutes).values(took.map((entry) => ({ ...entry, job, at })))
    return true
  } catch (error) {
    // The row's own reference decides: a job that is deleted meanwhile takes nothing.
    if (errorCode(error) === 'ER_NO_REFERENCED_ROW_2') return false
    throw error
  }
}

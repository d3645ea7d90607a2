import { and, eq, sql } from 'drizzle-orm'
import { useDatabase } from './connection/connection'
import { isThere } from './jobs'
import { cuttings, jobs, logEntries, offcuts, offcutUses } from './schema'

/** How far a job and what stands beside it have come: where a figure is another, something is to be read. */
export interface Newest {
  readonly version: number
  /** The place of its last entry; 0 where there is none. */
  readonly entry: number
  /** What came to the rack, what left it, what was cut for this job. */
  readonly rack: string
}

/** The newest of a job by the keys alone, so that one may ask every few seconds; null where there is no such job. */
export async function newestOf(job: string): Promise<Newest | null> {
  const database = await useDatabase()
  const [row] = await database
    .select({
      version: jobs.version,
      entry: sql<number>`coalesce((select max(${logEntries.seq}) from ${logEntries} where ${logEntries.job} = ${job}), 0)`,
      rack: sql<string>`concat_ws('.',
        (select coalesce(max(${offcuts.id}), 0) from ${offcuts}),
        (select count(*) from ${offcutUses}),
        (select coalesce(max(${cuttings.id}), 0) from ${cuttings} where ${cuttings.job} = ${job}))`,
    })
    .from(jobs)
    .where(and(eq(jobs.id, job), isThere))
  return row ?? null
}

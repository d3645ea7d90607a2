import { desc, eq } from 'drizzle-orm'
import type { Seal } from '~~/core/record/seal'
import { useDatabase } from './connection/connection'
import { records } from './schema'
import type { Transaction } from './connection/transaction'

/** A record that was handed over, without what it holds. */
export interface KeptRecord {
  readonly sha256: string
  readonly entry: string
  readonly at: Date
}

/** The records of a job that were handed over, the newest first. */
export async function recordsOf(job: string): Promise<KeptRecord[]> {
  const database = await useDatabase()
  return database
    .select({ sha256: records.sha, entry: records.entry, at: records.at })
    .from(records)
    .where(eq(records.job, job))
    .orderBy(desc(records.at), desc(records.entry))
}

/** A record as it was handed over, as JSON; null where there is none. */
export async function findRecord(sha: string): Promise<string | null> {
  const database = await useDatabase()
  const [row] = await database.select({ document: records.document }).from(records).where(eq(records.sha, sha))
  return row?.document ?? null
}

/** The seal of the record that a job was handed over with last; null where it was not. */
export async function newestSeal(job: string): Promise<Seal | null> {
  const [newest] = await recordsOf(job)
  const text = newest ? await findRecord(newest.sha256) : null
  return text === null ? null : (JSON.parse(text) as { seal: Seal }).seal
}

/** Keeps a record for good; of one hand-over only the first is kept. */
export async function keepRecord(
  transaction: Transaction,
  job: string,
  { entry, sha, document }: { readonly entry: string; readonly sha: string; readonly document: string },
): Promise<void> {
  await transaction.insert(records).ignore().values({ sha, job, entry, document, at: new Date() })
}

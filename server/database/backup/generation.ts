import { desc, sql } from 'drizzle-orm'
import { useDatabase } from '../connection/connection'
import { generations } from '../schema'
import type { Transaction } from '../connection/transaction'

/**
 * Which life of the database this is. A restore begins another: versions and places in the log are given again, and what
 * was read in the life before is held against it no more.
 *
 * Read it before what it is to go with: with a restore in between, what was read only seems older than it is.
 */
export async function generationNow(): Promise<string> {
  const database = await useDatabase()
  const [row] = await database.select({ id: generations.id }).from(generations).orderBy(desc(generations.seq)).limit(1)
  return row?.id ?? ''
}

/** The generation, held until this transaction ends: no restore comes in between. */
export async function heldGeneration(transaction: Transaction): Promise<string> {
  const [rows] = await transaction.execute(
    sql`select ${generations.id} from ${generations} order by ${generations.seq} desc limit 1 lock in share mode`,
  )
  const [row] = rows as unknown as readonly { readonly id: string }[]
  return row?.id ?? ''
}

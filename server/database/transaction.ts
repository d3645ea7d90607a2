import { setTimeout as sleep } from 'node:timers/promises'
import type { Database } from './connection'
import { useDatabase } from './connection'

export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

/** The database's own word for what went wrong, however deep it stands; empty where it said nothing. */
export function errorCode(error: unknown): string {
  for (let at: unknown = error; at instanceof Error; at = at.cause) {
    const { code } = at as { code?: unknown }
    if (typeof code === 'string') return code
  }
  return ''
}

/** Two transactions stood in each other's way, and the database ended one: it may be tried again as it is. */
const passing = new Set(['ER_LOCK_DEADLOCK', 'ER_LOCK_WAIT_TIMEOUT', 'ER_CHECKREAD'])
const mostTries = 12

/** Does work in one transaction, all or nothing; tries again where another transaction only stood in its way. */
export async function inTransaction<Result>(work: (transaction: Transaction) => Promise<Result>): Promise<Result> {
  const database = await useDatabase()
  for (let tries = 1; ; tries++) {
    try {
      return await database.transaction(work)
    } catch (error) {
      if (!passing.has(errorCode(error)) || tries === mostTries) throw error
      // Each waits its own while, so that the same two do not meet again.
      await sleep(Math.random() * 20 * tries)
    }
  }
}

import { setTimeout as sleep } from 'node:timers/promises'
import type { Database } from './connection'
import { useDatabase } from './connection'
import { errorCode } from './error-code'
import { mostTries, passing } from './passing'

export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

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

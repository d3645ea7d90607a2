import { eq } from 'drizzle-orm'
import { useDatabase } from './connection/connection'
import { isDaysAgo } from './days-ago'
import { handledRequests } from './schema'
import { errorCode } from './connection/error-code'
import { inTransaction, type Transaction } from './connection/transaction'

/** A request that may come again: the key that its sender gave it, and the SHA-256 of what it asks. */
export interface Asked {
  readonly key: string
  readonly hash: string
}

/** A key that was given to another request before. */
export class KeyUsedBefore extends Error {}

/** So long a request that was not heard of may come again. */
const keptDays = 90

/**
 * Does work in one transaction, and once for each key: where the request was taken before, nothing is done and what was
 * kept of it then is given. Work that throws leaves nothing, its key neither.
 *
 * @throws KeyUsedBefore
 */
export function handleOnce<Kept>(
  asked: Asked | null,
  work: (transaction: Transaction) => Promise<Kept>,
): Promise<Kept> {
  if (!asked) return inTransaction(work)
  const { key, hash } = asked
  return inTransaction(async (transaction) => {
    try {
      await transaction.insert(handledRequests).values({ key, asked: hash, kept: null, at: new Date() })
    } catch (error) {
      if (errorCode(error) !== 'ER_DUP_ENTRY') throw error
      const [before] = await transaction.select().from(handledRequests).where(eq(handledRequests.key, key))
      if (before?.asked !== hash) throw new KeyUsedBefore(key)
      return before.kept as Kept
    }
    const kept = await work(transaction)
    await transaction
      .update(handledRequests)
      .set({ kept: kept ?? null })
      .where(eq(handledRequests.key, key))
    return kept
  })
}

/** Forgets the keys of requests that are so old that none of them comes again. */
export async function forgetOldKeys(): Promise<void> {
  const database = await useDatabase()
  await database.delete(handledRequests).where(isDaysAgo(handledRequests.at, keptDays))
}

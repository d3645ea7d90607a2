import { createHash } from 'node:crypto'
import type { H3Event } from 'h3'
import { KeyUsedBefore, handleOnce, type Asked } from '../database/idempotency'
import type { Transaction } from '../database/connection/transaction'
import { invalid } from './refusal'

const keyPattern = /^[\w-]{1,80}$/
const field = 'Idempotency-Key'

function askedBy(event: H3Event, body: unknown): Asked | null {
  const key = getHeader(event, field)
  if (key === undefined) return null
  if (!keyPattern.test(key)) throw invalid([{ field, problem: '1 to 80 letters, digits, - or _, such as a UUID' }])
  const hash = createHash('sha256').update(`${event.method} ${event.path}\n${JSON.stringify(body)}`)
  return { key, hash: hash.digest('hex') }
}

/**
 * Does what a request asks in one transaction; where it comes again under its `Idempotency-Key`, because its answer was
 * lost, it is not done again.
 *
 * @returns what is kept of it to make the answer from, the same each time
 */
export async function once<Kept>(
  event: H3Event,
  body: unknown,
  work: (transaction: Transaction) => Promise<Kept>,
): Promise<Kept> {
  try {
    return await handleOnce(askedBy(event, body), work)
  } catch (error) {
    if (error instanceof KeyUsedBefore)
      throw invalid([{ field, problem: 'was used for another request: each request has a key of its own' }])
    throw error
  }
}

import { randomUUID } from 'node:crypto'
import { setTimeout as sleep } from 'node:timers/promises'
import type { LocalServer } from '../scripts/run/server'

interface Counts {
  /** Questions that had to be asked again, and bodies that came in over a slow line. */
  again: number
  slow: number
}
interface Question {
  readonly method: string
  readonly path: string
  readonly body: unknown
  readonly generation?: string
}
interface Answer {
  readonly status: number
  readonly body: unknown
  readonly generation: string
}

/** A body that comes in pieces, with a while between them. */
async function* slowly(text: string, counts: Counts): AsyncGenerator<Uint8Array> {
  counts.slow += 1
  const bytes = Buffer.from(text)
  const size = Math.max(1, Math.ceil(bytes.length / 8))
  for (let from = 0; from < bytes.length; from += size) {
    yield bytes.subarray(from, from + size)
    await sleep(Math.random() * 400)
  }
}

/** Asks either server, under one key, until one of them gives an answer that settles it; now and then over a slow line. */
async function ask(
  servers: readonly LocalServer[],
  counts: Counts,
  { method, path, body, generation }: Question,
): Promise<Answer> {
  const key = randomUUID()
  for (;;) {
    const { origin } = servers[Math.floor(Math.random() * servers.length)]!
    const response = await fetch(`${origin}/api/${path}`, {
      method,
      headers: {
        'Content-Type': 'application/json',
        'Idempotency-Key': key,
        ...(generation ? { 'Jolvet-Generation': generation } : {}),
      },
      ...(body === undefined ? {} : namedFittingAt(JSON.stringify(body), counts)),
      signal: AbortSignal.timeout(10_000),
    }).catch(() => null)
    const answer: unknown = await response?.json().catch(() => null)
    if (response && answer !== null && response.status < 500)
      return { status: response.status, body: answer, generation: response.headers.get('jolvet-generation') ?? '' }
    counts.again += 1
    await sleep(100 + Math.random() * 400)
  }
}

const namedFittingAt = (text: string, counts: Counts): RequestInit =>
  Math.random() < 0.05 ? ({ body: slowly(text, counts), duplex: 'half' } as unknown as RequestInit) : { body: text }

export const soakAsker =
  (servers: readonly LocalServer[], counts: Counts) =>
  (method: string, path: string, body: unknown, generation?: string): Promise<Answer> =>
    ask(servers, counts, { method, path, body, ...(generation === undefined ? {} : { generation }) })

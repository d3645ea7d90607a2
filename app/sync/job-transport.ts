import type { FieldProblem } from '~~/core/quantity/field-problem'
import type { Job } from '~~/core/job/job'

export interface Stored {
  readonly id: string
  readonly version: number
  readonly job: Job
}

/** What became of a request: done, refused with the newer version, gone, wrong, or not heard. */
export type Answer =
  | { readonly outcome: 'done'; readonly stored: Stored }
  | { readonly outcome: 'conflict'; readonly stored: Stored }
  | { readonly outcome: 'gone' }
  | { readonly outcome: 'invalid'; readonly fields: readonly FieldProblem[] }
  | { readonly outcome: 'away'; readonly what: 'server' | 'database' }

/** How jobs reach the server; a test puts its own in its place. */
export interface Transport {
  load(id: string): Promise<Answer>
  /** The job where it stands in another version than this one; else whether it is the same or gone, or who does not answer. */
  newer(id: string, version: number): Promise<Stored | 'same' | 'gone' | 'server' | 'database'>
  /**
   * @param version that it was made from; 0 begins a job under an id that nothing else has
   * @param key under which the server takes this save once, however often it comes
   */
  save(id: string, version: number, job: Job, key: string): Promise<Answer>
}

/** A request that changes something: its key, and what it carries. */
interface Change {
  readonly key: string
  readonly body: unknown
}

async function ask(path: string, method: 'GET' | 'PUT', change?: Change): Promise<Answer> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      ...(change && {
        body: JSON.stringify(change.body),
        headers: { 'Content-Type': 'application/json', 'Idempotency-Key': change.key },
      }),
      signal: AbortSignal.timeout(15_000),
    })
  } catch {
    return { outcome: 'away', what: 'server' }
  }
  const answer = (await response.json().catch(() => null)) as (Stored & { fields?: FieldProblem[] }) | null
  if (response.ok && answer) return { outcome: 'done', stored: answer }
  if (response.status === 409 && answer) return { outcome: 'conflict', stored: answer }
  if (response.status === 404) return { outcome: 'gone' }
  if (response.status === 422 || response.status === 413) return { outcome: 'invalid', fields: answer?.fields ?? [] }
  return { outcome: 'away', what: response.status === 503 ? 'database' : 'server' }
}

export const httpTransport: Transport = {
  load: (id) => ask(`/api/jobs/${encodeURIComponent(id)}`, 'GET'),
  async newer(id, version) {
    const response = await fetch(`/api/jobs/${encodeURIComponent(id)}`, {
      headers: { 'If-None-Match': `"${version}"` },
      // What the browser keeps for itself would be answered for the server.
      cache: 'no-store',
      signal: AbortSignal.timeout(15_000),
    }).catch(() => null)
    if (response?.status === 304) return 'same'
    if (response?.status === 404) return 'gone'
    if (response?.status === 503) return 'database'
    const stored = response?.status === 200 ? ((await response.json().catch(() => null)) as Stored | null) : null
    return stored ?? 'server'
  },
  save: (id, version, job, key) => ask(`/api/jobs/${encodeURIComponent(id)}`, 'PUT', { key, body: { version, job } }),
}

import type { FieldProblem } from '~~/core/job/read-job'
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

/** How the save loop reaches the server; a test puts its own in its place. */
export interface Transport {
  load(id: string): Promise<Answer>
  save(id: string, version: number, job: Job): Promise<Answer>
  create(job: Job): Promise<Answer>
}

async function ask(path: string, method: 'GET' | 'PUT' | 'POST', body?: unknown): Promise<Answer> {
  let response: Response
  try {
    response = await fetch(path, {
      method,
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'Content-Type': 'application/json' } }),
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
  save: (id, version, job) => ask(`/api/jobs/${encodeURIComponent(id)}`, 'PUT', { version, job }),
  create: (job) => ask('/api/jobs', 'POST', job),
}

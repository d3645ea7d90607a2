import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import type { Job } from '~~/core/job/job'
import { ask, type Heard } from '../ask'
import { generationHeader } from '../generation'

export interface Stored {
  readonly id: string
  readonly version: number
  /** The life of the server’s database in which it has that version; not known of what earlier programs kept. */
  readonly generation?: string
  readonly job: Job
}

/** What became of a request: done, refused with the newer version, gone, wrong, or not heard. */
export type Answer =
  | { readonly outcome: 'done'; readonly stored: Stored }
  | { readonly outcome: 'conflict'; readonly stored: Stored }
  | { readonly outcome: 'gone' }
  | { readonly outcome: 'invalid'; readonly fields: readonly FieldProblem[] }
  | { readonly outcome: 'away'; readonly what: 'server' | 'database' }

/** A text on its way: what it was made from, and the key under which the server takes it once. */
export interface Save {
  readonly job: Job
  /** 0 begins a job under an id that nothing else has. */
  readonly version: number
  readonly generation?: string
  readonly key: string
}

/** How jobs reach the server; a test puts its own in its place. */
export interface Transport {
  load(id: string): Promise<Answer>
  save(id: string, save: Save): Promise<Answer>
}

const pathOf = (id: string): string => `/api/jobs/${encodeURIComponent(id)}`
/** A job as it was answered, with the life of the database that the answer names. */
const storedIn = ({ json, headers }: Heard): Stored => ({
  ...(json as Stored),
  generation: headers.get(generationHeader) ?? undefined,
})

function answerOf(heard: Heard | null): Answer {
  if (!heard) return { outcome: 'away', what: 'server' }
  const { status, isGood, json } = heard
  if (isGood && json) return { outcome: 'done', stored: storedIn(heard) }
  if (status === 409 && json) return { outcome: 'conflict', stored: storedIn(heard) }
  if (status === 404) return { outcome: 'gone' }
  if (status === 422 || status === 413)
    return { outcome: 'invalid', fields: (json as { fields?: FieldProblem[] } | undefined)?.fields ?? [] }
  return { outcome: 'away', what: status === 503 ? 'database' : 'server' }
}

export const httpTransport: Transport = {
  load: async (id) => answerOf(await ask(pathOf(id))),
  async save(id, { job, version, generation, key }) {
    const headers = {
      'Content-Type': 'application/json',
      'Idempotency-Key': key,
      ...(generation === undefined ? {} : { [generationHeader]: generation }),
    }
    return answerOf(await ask(pathOf(id), { method: 'PUT', headers, body: JSON.stringify({ version, job }) }))
  },
}

import type { FieldProblem } from '~~/core/job/read-job'
import type { StoredJob } from '../database/jobs'

/** What the interface answers when it does not do what was asked. */
export interface RefusalBody extends Partial<StoredJob> {
  readonly error: 'invalid' | 'not-found' | 'conflict' | 'too-large' | 'database' | 'internal'
  readonly message: string
  readonly fields?: readonly FieldProblem[]
}

/** Thrown by a handler, answered by `answering`. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly body: RefusalBody,
  ) {
    super(body.message)
  }
}

export const refusal = (status: number, body: RefusalBody): Refusal => new Refusal(status, body)

export const invalid = (fields: readonly FieldProblem[]): Refusal =>
  refusal(422, {
    error: 'invalid',
    message: fields.map(({ field, problem }) => `${field}: ${problem}`).join('; '),
    fields,
  })

export const notFound = (what: string): Refusal => refusal(404, { error: 'not-found', message: `There is no ${what}.` })

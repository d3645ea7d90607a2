import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import type { StoredJob, UnreadableJob } from '../database/jobs'

/** What the interface answers when it does not do what was asked. */
export interface RefusalBody extends Partial<StoredJob> {
  readonly error:
    | 'invalid'
    | 'unreadable'
    | 'not-found'
    | 'method'
    | 'conflict'
    | 'too-large'
    | 'too-slow'
    | 'busy'
    | 'database'
    | 'internal'
    | 'in-use'
  readonly message: string
  readonly fields?: readonly FieldProblem[]
  /** The text of a job that cannot be read. */
  readonly text?: string
}

/** Thrown by a handler, answered by `apiHandler`. */
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

export const unreadable = ({ id, version, title, unreadable: fields, text }: UnreadableJob): Refusal =>
  refusal(422, {
    error: 'unreadable',
    message: `The job “${title}” cannot be read as it is stored; its text is whole, to be taken out and mended.`,
    id,
    version,
    fields,
    text,
  })

export const notFound = (what: string): Refusal => refusal(404, { error: 'not-found', message: `There is no ${what}.` })

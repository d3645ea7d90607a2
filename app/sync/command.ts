import type { FieldProblem } from '~~/core/quantity/field-problem'

/** What is changed by it. */
export type Changes = 'workshop' | 'minutes' | 'rack' | 'parts' | 'log' | 'photos'

/** A change that is on its way to the server. */
export interface Command {
  /** Its own: the server does it once, however often it comes. */
  readonly id: string
  readonly changes: Changes
  /** What it is, for who reads that it waits or was not accepted. */
  readonly says: string
  readonly method: 'POST' | 'PATCH'
  readonly path: string
  /** What is sent: as JSON, but a picture as it is. */
  readonly body: unknown
  /** Why the server did not accept it; it is kept until it was seen. */
  readonly refused?: string
  /** It is kept to be sent again. */
  readonly isSound?: boolean
}

export type Refused = {
  readonly outcome: 'refused'
  readonly message: string
  readonly fields: readonly FieldProblem[]
  /** It was not refused for what it says: the server failed on it, and may not another time. */
  readonly isSound?: boolean
}
/** What became of a command. */
export type CommandAnswer = { readonly outcome: 'done'; readonly answer: unknown } | Refused
/** Or it was not heard of; or the server is there and fails on it. */
export type SendAnswer = CommandAnswer | { readonly outcome: 'away' } | { readonly outcome: 'failed' }

const patience = 15_000

/** Sends a command once. What may be otherwise in a moment, a database that starts, say, is `away`; it comes again. */
export async function sendCommand({ id, method, path, body }: Command): Promise<SendAnswer> {
  const isFile = body instanceof Blob
  const response = await fetch(path, {
    method,
    headers: { 'Content-Type': isFile ? body.type : 'application/json', 'Idempotency-Key': id },
    body: isFile ? body : JSON.stringify(body),
    signal: AbortSignal.timeout(patience),
  }).catch(() => null)
  if (response?.status === 500) return { outcome: 'failed' }
  if (!response || response.status > 500 || response.status === 429) return { outcome: 'away' }
  const answer = (await response.json().catch(() => undefined)) as unknown
  // An answer that was cut off is not known to be one.
  if (answer === undefined) return { outcome: 'away' }
  if (response.ok) return { outcome: 'done', answer }
  const { message, fields = [] } = answer as Partial<Refused>
  return { outcome: 'refused', message: message ?? 'The server did not accept it.', fields }
}

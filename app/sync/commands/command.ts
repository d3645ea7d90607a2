import type { SendAnswer } from './command-answer'
import { ask } from '../ask'
import { generationHeader } from '../generation'
import { sendPiece } from './photo-pieces'
import { answerOf } from './answer-of'

/** What is changed by it. */
export type Changes = 'workshop' | 'minutes' | 'rack' | 'parts' | 'van' | 'log' | 'photos'

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
  /** The life of the server's database in which it was written. */
  readonly generation?: string
  /** By how many ms the clock that wrote it was ahead, where that is known already: another's, that is sent again. */
  readonly ahead?: number
  /** Why the server did not accept it; it is kept until it was seen. */
  readonly refused?: string
  /** It is kept to be sent again. */
  readonly isSound?: boolean
}

/** Sends a command once; of a picture its next piece. */
export async function sendCommand({
  id,
  changes,
  method,
  path,
  body,
  generation,
  ahead = 0,
}: Command): Promise<SendAnswer> {
  if (body instanceof Blob) return sendPiece(body)
  const headers = {
    'Content-Type': 'application/json',
    'Idempotency-Key': id,
    ...(generation === undefined ? {} : { [generationHeader]: generation }),
  }
  // The server notes how far this clock is off: it is told what it shows as the entries go.
  const told = changes === 'log' ? { ...(body as object), sentAt: new Date(Date.now() + ahead).toISOString() } : body
  return answerOf(await ask(path, { method, headers, body: JSON.stringify(told) }))
}

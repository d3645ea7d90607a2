import type { Heard } from '../ask'
import type { Refused, SendAnswer } from './command-answer'

/** Who asks is not let in, whatever it is that is asked: by the server, by a proxy that wants a password, or since the page is too old. */
const shut = new Set([401, 403, 407, 426])

const messageIn = (json: unknown): string | undefined => (json as { message?: string } | null | undefined)?.message

/** What an answer says of a command. What may be otherwise in a moment, a database that starts, say, is `away`. */
export function answerOf(heard: Heard | null): SendAnswer {
  if (heard?.status === 500) return { outcome: 'failed' }
  if (heard && shut.has(heard.status))
    return { outcome: 'away', why: messageIn(heard.json) ?? 'The server does not let this browser in.' }
  // An answer that was cut off is not known to be one.
  if (!heard || heard.status > 500 || heard.status === 429 || heard.status === 408 || heard.json === undefined)
    return { outcome: 'away' }
  if (heard.isGood) return { outcome: 'done', answer: heard.json }
  const { message, fields = [] } = heard.json as Partial<Refused>
  return { outcome: 'refused', message: message ?? 'The server did not accept it.', fields }
}

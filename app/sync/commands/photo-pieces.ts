import { sha256Of } from '~/saving/sha256'
import { ask } from '../ask'
import type { SendAnswer } from './command-answer'
import { answerOf } from './answer-of'

/** Small enough for a poor line to carry one in seconds. */
const pieceBytes = 64_000

/** How far the server has each picture that is under way, by its SHA-256; of one that an earlier visit began it says so. */
const sent = new Map<string, number>()

/**
 * Sends the next piece of a picture: the server says how far it has it, from this try or an earlier one. Between two
 * pieces goes what is more urgent.
 */
export async function sendPiece(photo: Blob): Promise<SendAnswer> {
  const sha = await sha256Of(photo)
  const from = sent.get(sha) ?? 0
  const said = answerOf(
    await ask(`/api/photos/${sha}?from=${from}&of=${photo.size}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/octet-stream' },
      body: photo.slice(from, from + pieceBytes),
    }),
  )
  if (said.outcome !== 'done') {
    if (said.outcome === 'refused') sent.delete(sha)
    return said
  }
  const { taken } = said.answer as { readonly taken: number }
  sent.set(sha, taken)
  // Where it is here no further than before, it is tried again after a while: its pieces went with a restore, say.
  if (taken < photo.size) return { outcome: taken > from ? 'more' : 'failed' }
  sent.delete(sha)
  return said
}

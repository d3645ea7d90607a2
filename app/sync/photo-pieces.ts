import { sha256Of } from '~/saving/sha256'
import { ask } from './ask'
import type { SendAnswer } from './command'
import { saidOf } from './said-of'

/** Small enough for a poor line to carry one in seconds. */
const pieceBytes = 64_000

/**
 * Sends a picture in pieces: the server says how far it has it, from this try or an earlier one, and it goes on from
 * there.
 */
export async function sendInPieces(photo: Blob): Promise<SendAnswer> {
  const sha = await sha256Of(photo)
  let from = 0
  for (;;) {
    const piece = photo.slice(from, from + pieceBytes)
    const said = saidOf(
      await ask(`/api/photos/${sha}?from=${from}&of=${photo.size}`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/octet-stream' },
        body: piece,
      }),
    )
    if (said.outcome !== 'done') return said
    const { taken } = said.answer as { readonly taken: number }
    if (taken >= photo.size || taken <= from) return taken >= photo.size ? said : { outcome: 'failed' }
    from = taken
  }
}

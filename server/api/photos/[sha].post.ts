import { createHash } from 'node:crypto'
import * as z from 'zod'
import { fieldProblems } from '~~/core/quantity/words/field-problem'
import { dropPieces, findPhoto, joinPieces, takePiece } from '../../database/photos'
import { apiHandler } from '../../http/api-handler'
import { readBytes } from '../../http/body/body'
import { keepPicture, mostPhotoBytes } from '../../http/body/photo-body'
import { invalid, Refusal } from '../../http/refusal'

const mostPieceBytes = 1_000_000

const pieceSchema = z
  .object({
    sha: z.string().regex(/^[0-9a-f]{64}$/, 'the photo’s SHA-256: 64 digits 0 to f'),
    from: z.coerce.number().int().min(0, 'the byte at which the piece begins'),
    of: z.coerce.number().int().min(1).max(mostPhotoBytes, `the bytes of the whole photo, at most ${mostPhotoBytes}`),
  })
  .refine(({ from, of }) => from < of, { path: ['from'], error: 'a byte of the photo' })

/**
 * Takes a photo in pieces, over a line that would lose it whole: told how far it is here, its sender goes on from there,
 * today or tomorrow. The last piece makes it.
 */
export default apiHandler(async (event) => {
  const read = pieceSchema.safeParse({ ...(getQuery(event) as object), sha: getRouterParam(event, 'sha') })
  if (!read.success) throw invalid(fieldProblems(read.error))
  const { sha, from, of } = read.data
  const piece = await readBytes(event, Math.min(mostPieceBytes, of - from))
  const known = await findPhoto(sha)
  const taken = known ? of : await takePiece(sha, from, piece)
  if (!known && taken >= of) {
    const whole = await joinPieces(sha, of)
    const isWhole = createHash('sha256').update(whole).digest('hex') === sha
    // Kept before its pieces go: a crash in between leaves both.
    try {
      if (isWhole) await keepPicture(whole)
    } catch (error) {
      if (error instanceof Refusal) await dropPieces(sha)
      throw error
    }
    await dropPieces(sha)
    if (!isWhole)
      throw invalid([{ field: 'sha', problem: 'is not that of the pieces put together: send it again from byte 0' }])
  }
  setResponseStatus(event, 201)
  return { sha, taken: Math.min(taken, of), of }
})

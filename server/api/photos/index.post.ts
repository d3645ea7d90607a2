import { createHash } from 'node:crypto'
import { keepPhoto } from '../../database/photos'
import { answering } from '../../http/answering'
import { readBytes } from '../../http/body'
import { photoType } from '../../http/photo-type'
import { invalid } from '../../http/refusal'

const mostBytes = 8_000_000

/** Keeps a photo by the SHA-256 of its bytes, once however often it comes. */
export default answering(async (event) => {
  const bytes = await readBytes(event, mostBytes)
  const type = photoType(bytes)
  if (!type) throw invalid([{ field: '(body)', problem: 'a picture as JPEG, PNG or WebP' }])
  const photo = { sha: createHash('sha256').update(bytes).digest('hex'), type, size: bytes.length }
  await keepPhoto(photo, bytes)
  setResponseStatus(event, 201)
  return photo
})

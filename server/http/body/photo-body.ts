import { createHash } from 'node:crypto'
import { keepPhoto, type Photo } from '../../database/photos'
import { photoType } from './photo-type'
import { drawnAnew } from '../../pictures/drawn-anew'
import { invalid } from '../refusal'

export const mostPhotoBytes = 8_000_000

const notRead = () => invalid([{ field: '(body)', problem: 'a picture as JPEG, PNG or WebP, whole' }])

/** The long side of a photo that is kept, in pixels. */
const longest = 1600

/** A picture as it is kept: drawn anew, so that it stands upright and says nothing of where it was taken. */
export async function remadePicture(bytes: Buffer, keepsPlace: boolean): Promise<Buffer> {
  const drawn = photoType(bytes) && (await drawnAnew(bytes, { longest, keepsPlace }))
  if (!drawn) throw notRead()
  return drawn
}

/** Keeps a picture under the SHA-256 of its bytes. */
export async function keepPicture(bytes: Buffer): Promise<Photo> {
  const type = photoType(bytes)
  if (!type || !(await drawnAnew(bytes, { longest: 16 }))) throw notRead()
  const photo = { sha: createHash('sha256').update(bytes).digest('hex'), type, size: bytes.length }
  await keepPhoto(photo, bytes)
  return photo
}

import { createHash } from 'node:crypto'
import { keepPhoto, type Photo } from '../../database/photos'
import { photoType } from './photo-type'
import { invalid } from '../refusal'

export const mostPhotoBytes = 8_000_000

/** Keeps a picture under the SHA-256 of its bytes. */
export async function keepPicture(bytes: Buffer): Promise<Photo> {
  const type = photoType(bytes)
  if (!type) throw invalid([{ field: '(body)', problem: 'a picture as JPEG, PNG or WebP' }])
  const photo = { sha: createHash('sha256').update(bytes).digest('hex'), type, size: bytes.length }
  await keepPhoto(photo, bytes)
  return photo
}

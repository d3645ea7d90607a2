import { apiHandler } from '../../http/api-handler'
import { readBytes } from '../../http/body/body'
import { keepPicture, mostPhotoBytes, remadePicture } from '../../http/body/photo-body'

/**
 * Keeps a photo, drawn anew: upright, at most 1600 pixels long, as JPEG, without the place where it was taken unless
 * `?place=keep` asks for it. It goes by the SHA-256 of what is kept, which is answered.
 */
export default apiHandler(async (event) => {
  const keepsPlace = getQuery(event).place === 'keep'
  const photo = await keepPicture(await remadePicture(await readBytes(event, mostPhotoBytes), keepsPlace))
  setResponseStatus(event, 201)
  return photo
})

import { apiHandler } from '../../http/api-handler'
import { readBytes } from '../../http/body/body'
import { keepPicture, mostPhotoBytes } from '../../http/body/photo-body'

/** Keeps a photo by the SHA-256 of its bytes, once however often it comes. */
export default apiHandler(async (event) => {
  const photo = await keepPicture(await readBytes(event, mostPhotoBytes))
  setResponseStatus(event, 201)
  return photo
})

import { answering } from '../../http/answering'
import { readBytes } from '../../http/body'
import { keepPicture, mostPhotoBytes } from '../../http/photo-body'

/** Keeps a photo by the SHA-256 of its bytes, once however often it comes. */
export default answering(async (event) => {
  const photo = await keepPicture(await readBytes(event, mostPhotoBytes))
  setResponseStatus(event, 201)
  return photo
})

import { findPhoto } from '../../database/photos'
import { answering } from '../../http/answering'
import { notFound } from '../../http/refusal'

export default answering(async (event) => {
  const photo = await findPhoto(getRouterParam(event, 'sha') ?? '')
  if (!photo) throw notFound('such photo')
  setHeader(event, 'Content-Type', photo.type)
  return photo.bytes
})

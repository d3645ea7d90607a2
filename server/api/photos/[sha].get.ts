import { findPhoto } from '../../database/photos'
import { apiHandler } from '../../http/api-handler'
import { notFound } from '../../http/refusal'

export default apiHandler(async (event) => {
  const photo = await findPhoto(getRouterParam(event, 'sha') ?? '')
  if (!photo) throw notFound('such photo')
  setHeader(event, 'Content-Type', photo.type)
  return photo.bytes
})

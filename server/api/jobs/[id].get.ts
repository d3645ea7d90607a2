import { findJob } from '../../database/jobs'
import { answering } from '../../http/answering'
import { notFound, unreadable } from '../../http/refusal'

export default answering(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  const found = await findJob(id)
  if (!found) throw notFound(`job “${id}”`)
  if ('unreadable' in found) throw unreadable(found)
  return found
})

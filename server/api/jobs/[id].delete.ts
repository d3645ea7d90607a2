import { deleteJob } from '../../database/jobs'
import { answering } from '../../http/answering'
import { notFound } from '../../http/refusal'

export default answering(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  if (!(await deleteJob(id))) throw notFound(`job “${id}”`)
  setResponseStatus(event, 204)
  return null
})

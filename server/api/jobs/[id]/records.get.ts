import { versionOf } from '../../../database/jobs'
import { recordsOf } from '../../../database/records'
import { apiHandler } from '../../../http/api-handler'
import { notFound } from '../../../http/refusal'

/** The records of a job that were handed over, the newest first. */
export default apiHandler(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  if ((await versionOf(id)) === null) throw notFound('such job')
  return recordsOf(id)
})

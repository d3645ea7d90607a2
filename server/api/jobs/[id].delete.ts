import { deleteJob } from '../../database/deleted-jobs'
import { findJob } from '../../database/jobs'
import { apiHandler } from '../../http/api-handler'
import { readVersion } from '../../http/body/job-body'
import { once } from '../../http/once'
import { notFound, refusal } from '../../http/refusal'

/** Takes a job away, for thirty days so that it can be put back; with a version, only where it still stands in it. */
export default apiHandler(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  const named = getHeader(event, 'if-match') ?? getQuery(event).version
  const version = named === undefined ? null : readVersion(named)
  const isDone = await once(event, null, (transaction) => deleteJob(transaction, id, version))
  if (!isDone) {
    const found = await findJob(id)
    if (!found) throw notFound(`job “${id}”`)
    throw refusal(409, {
      error: 'conflict',
      message: `It has been changed since: version ${found.version}. Look at it before you delete it.`,
      ...('job' in found ? found : { id, version: found.version }),
    })
  }
  setResponseStatus(event, 204)
  return null
})

import { keptDays, putBackJob } from '../../../database/deleted-jobs'
import { findJob } from '../../../database/jobs'
import { apiHandler } from '../../../http/api-handler'
import { once } from '../../../http/once'
import { notFound } from '../../../http/refusal'
import { summariseSoon } from '../../../http/summaries'

/** Puts a deleted job back as it was. */
export default apiHandler(async (event) => {
  const id = getRouterParam(event, 'id') ?? ''
  const isDone = await once(event, null, (transaction) => putBackJob(transaction, id))
  if (!isDone) throw notFound(`deleted job “${id}”: one is kept for ${keptDays} days`)
  summariseSoon(id)
  return findJob(id)
})

import { logAfter } from '../../../database/log'
import { answering } from '../../../http/answering'
import { invalid, notFound } from '../../../http/refusal'

/** What was written down of a job after a cursor. */
export default answering(async (event) => {
  const after = String(getQuery(event).after ?? '0')
  if (!/^\d{1,10}$/.test(after)) throw invalid([{ field: 'after', problem: 'the cursor of an answer before' }])
  const page = await logAfter(getRouterParam(event, 'id') ?? '', Number(after))
  if (!page) throw notFound('such job')
  return page
})

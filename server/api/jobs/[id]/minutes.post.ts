import { jointTimesSchema } from '~~/core/workshop/work-log'
import { minutesTaken, recordMinutes } from '../../../database/work-log'
import { apiHandler } from '../../../http/api-handler'
import { readAs } from '../../../http/body/body'
import { once } from '../../../http/once'
import { notFound } from '../../../http/refusal'

/** Adds to the log what joints took; the answer is what holds after it. */
export default apiHandler(async (event) => {
  const { took } = await readAs(event, jointTimesSchema)
  const id = getRouterParam(event, 'id') ?? ''
  await once(event, took, async (transaction) => {
    if (!(await recordMinutes(transaction, id, took))) throw notFound('such job')
  })
  setResponseStatus(event, 201)
  return minutesTaken(id)
})

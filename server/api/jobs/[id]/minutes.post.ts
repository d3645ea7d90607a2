import { fieldProblems } from '~~/core/job/read-job'
import { jointTimesSchema } from '~~/core/job/work-log'
import { minutesTaken, recordMinutes } from '../../../database/work-log'
import { answering } from '../../../http/answering'
import { readJson } from '../../../http/body'
import { invalid, notFound } from '../../../http/refusal'

/** Adds to the log what joints took; the answer is what holds after it. */
export default answering(async (event) => {
  const body = jointTimesSchema.safeParse(await readJson(event))
  if (!body.success) throw invalid(fieldProblems(body.error))
  const id = getRouterParam(event, 'id') ?? ''
  if (!(await recordMinutes(id, body.data.took))) throw notFound('such job')
  setResponseStatus(event, 201)
  return minutesTaken(id)
})

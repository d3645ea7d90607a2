import { randomUUID } from 'node:crypto'
import { createJob } from '../../database/jobs'
import { apiHandler } from '../../http/api-handler'
import { readJobBody } from '../../http/body/job-body'
import { once } from '../../http/once'
import { summariseSoon } from '../../http/summaries'

export default apiHandler(async (event) => {
  const job = await readJobBody(event)
  const { id } = await once(event, job, async (transaction) => {
    const made = randomUUID()
    await createJob(transaction, made, job)
    return { id: made }
  })
  setResponseStatus(event, 201)
  summariseSoon(id)
  return { id, version: 1, job }
})

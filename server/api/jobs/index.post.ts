import { createJob } from '../../database/jobs'
import { answering } from '../../http/answering'
import { readJobBody } from '../../http/job-body'

export default answering(async (event) => {
  const created = await createJob(await readJobBody(event))
  setResponseStatus(event, 201)
  return created
})

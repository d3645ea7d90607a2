import { planJob } from '~~/core/plan'
import { currentCatalogue } from '../database/parts'
import { answering } from '../http/answering'
import { readJobBody } from '../http/job-body'

export default answering(async (event) => {
  const job = await readJobBody(event)
  return planJob(job, await currentCatalogue())
})

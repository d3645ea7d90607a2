import { planJob } from '~~/core/plan'
import { currentCatalogue } from '../database/parts'
import { answering } from '../http/answering'
import { readJobBody } from '../http/job-body'
import { spokenPlan } from '../http/spoken'

export default answering(async (event) => {
  const job = await readJobBody(event)
  return spokenPlan(planJob(job, await currentCatalogue()), job.units)
})

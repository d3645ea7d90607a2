import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { partAtVisit } from '../job/visit-runs'
import type { Plan } from '../plan/types'
import { timeOfJob, type JobTime, type JobTimeAsked } from './time-of-job'

/**
 * How long each visit of a job takes, by its id: a job that is come to once takes its whole time; of several each takes
 * that of the runs which are made then. Null where nobody said which, or no order of work was found.
 */
export function timesOfVisits(
  catalogue: Catalogue,
  job: Job,
  plan: Plan,
  asked: JobTimeAsked,
): ReadonlyMap<string, JobTime | null> {
  return new Map(
    (job.visits ?? []).map(({ id }) => {
      const part = partAtVisit(job, id)
      return [id, part === null ? null : timeOfJob(catalogue, job, plan, { ...asked, ...(part && { part }) })]
    }),
  )
}

import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { partAtVisit, runsAtNoVisit } from '../job/visit-runs'
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

/**
 * The times of all of a job: one for each visit; one for the whole where it is come to once, or nobody said of all of it
 * what is made when. Null where no order of work was found.
 *
 * @remarks for instance: a rough-in of 95 minutes and a second visit of 40: two times, each with what is done to the water
 */
export function timesOfJob(catalogue: Catalogue, job: Job, plan: Plan, asked: JobTimeAsked): JobTime[] | null {
  const ofVisits = [...timesOfVisits(catalogue, job, plan, asked).values()]
  const isAll = ofVisits.length > 1 && runsAtNoVisit(job).length === 0
  if (isAll && ofVisits.every((time) => time !== null)) return ofVisits
  const whole = timeOfJob(catalogue, job, plan, asked)
  return whole && [whole]
}

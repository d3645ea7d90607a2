import { catalogueWith } from '~~/core/catalogue/catalogue'
import type { Part } from '~~/core/catalogue/part'
import type { Job } from '~~/core/job/job'
import type { JobTime, JobTimeAsked } from '~~/core/day/time-of-job'
import { needsByVisit, type NeedsByVisit } from '~~/core/day/needs-by-visit'
import { timesOfJob, timesOfVisits } from '~~/core/day/time-of-visits'
import { patterns } from '~~/core/patterns'
import type { Answers, DrawnFor } from '~~/core/patterns/pattern'
import { planJob } from '~~/core/plan/plan-job'
import { jobAsDrawn, jobByMethod, type CompareAsked, type JobByMethod } from '~~/core/compare/whole-job'
import type { MethodId } from '~~/core/methods/ids'
import type { Units } from '~~/core/quantity/units'
import { problemText } from '~~/core/quantity/words/refusal'
import { speakerFor } from '~~/core/quantity/words/speaker'
import { randomIds } from '~/composables/random-ids'

/** By what a job is timed. */
interface TimeAsked extends JobTimeAsked {
  readonly parts: readonly Part[]
}

/** And in whose units its list is. */
interface VisitsAsked extends TimeAsked {
  readonly units: Units
}

/** How long each visit takes, by its id, and what to bring to them. */
export interface VisitsWorked {
  readonly times: ReadonlyMap<string, JobTime | null>
  readonly needs: NeedsByVisit
}

/** By whose prices methods are compared. */
export interface ByMethodAsked extends Omit<CompareAsked, 'ids'> {
  readonly parts: readonly Part[]
}

/** For whom a pattern draws. */
export interface PatternFor extends Pick<DrawnFor, 'units' | 'costs' | 'title'> {
  readonly parts: readonly Part[]
}

/** The plan of a job, as text. */
export const plan = (job: Job, parts: readonly Part[]): string => JSON.stringify(planJob(job, catalogueWith(parts)))

/** The job that a pattern draws from its answers, with its plan, as text; or what the answers lack. */
export function pattern(id: string, answers: Answers, { parts, ...to }: PatternFor): string {
  const catalogue = catalogueWith(parts)
  const pattern = patterns.find((of) => of.id === id)!
  try {
    const job = pattern.draw(answers, { ...to, catalogue, ids: randomIds })
    return JSON.stringify({ job, plan: planJob(job, catalogue) })
  } catch (error) {
    return JSON.stringify({ problem: problemText(error, speakerFor(to.units)) })
  }
}

/** How long a job takes, by its visits; null where no order of work was found. */
export function times(job: Job, { parts, ...asked }: TimeAsked): JobTime[] | null {
  const catalogue = catalogueWith(parts)
  return timesOfJob(catalogue, job, planJob(job, catalogue), asked)
}

/** How long each visit of a job takes, and what to bring to it. */
export function visits(job: Job, { parts, units, ...asked }: VisitsAsked): VisitsWorked {
  const catalogue = catalogueWith(parts)
  const plan = planJob(job, catalogue)
  return {
    times: timesOfVisits(catalogue, job, plan, asked),
    needs: needsByVisit(catalogue, job, plan, { units, say: speakerFor(units) }),
  }
}

/** What the whole job comes to as it is drawn, or by another method; null where it cannot be made so. */
export function byMethod(job: Job, method: MethodId | null, { parts, ...asked }: ByMethodAsked): JobByMethod | null {
  const catalogue = catalogueWith(parts)
  const plan = planJob(job, catalogue)
  const to = { ...asked, ids: randomIds }
  return method === null ? jobAsDrawn(catalogue, job, plan, to) : jobByMethod(catalogue, { job, plan }, method, to)
}

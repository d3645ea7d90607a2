import { jointsDone } from '~~/core/log/joints-done'
import { thumbnailOf, type Thumbnail } from '~~/core/draw/thumbnail'
import { provenJoints } from '~~/core/log/proven'
import { siteState } from '~~/core/log/site-state'
import { progressOf, type StepProgress } from '~~/core/plan/progress'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import type { Units } from '~~/core/quantity/units'
import type { SiteTexts } from '../database/site'
import { openSite } from './open-site'

/** Where a job stands, as the list of jobs tells it; what is wrong in its text; or why it cannot be planned. */
export type JobStatus =
  | {
      readonly units: Units
      readonly progress: readonly StepProgress[]
      readonly sample: boolean
      /** Its pipework in small; null where nothing is drawn. */
      readonly picture: Thumbnail | null
    }
  | { readonly unreadable: readonly FieldProblem[] }
  | { readonly unplannable: string }

/** Where a job stands. One that the program fails on says so, and stands in the way of no other. */
export function statusOf(texts: SiteTexts): JobStatus {
  try {
    const opened = openSite(texts)
    if (!opened.ok) return { unreadable: opened.fields }
    const { job, plan, catalogue, entries } = opened.site
    const state = siteState(plan, entries)
    const done = jointsDone(plan, state, provenJoints(job, plan, state))
    return {
      units: job.units,
      progress: progressOf(job, plan, catalogue, done),
      sample: job.sample === true,
      picture: thumbnailOf(catalogue, job),
    }
  } catch (error) {
    console.error(`job ${texts.id} cannot be planned:`, error)
    return { unplannable: error instanceof Error ? error.message : String(error) }
  }
}

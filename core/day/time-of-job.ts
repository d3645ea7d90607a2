import { assemblyQuestion } from '../assembly/assembly-question'
import { inRuns, questionAtVisit } from '../assembly/at-visit'
import { seekOrder } from '../assembly/order'
import { schedule } from '../assembly/schedule'
import type { Stretch } from '../assembly/waits'
import { placesCut, waterSteps, type WaterStep } from '../assembly/water-off'
import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import type { PartOfJob } from '../job/visit-runs'
import type { Plan } from '../plan/types'
import type { Costs } from '../workshop/costs'
import { profileWith } from '../workshop/profile'
import type { Rates } from '../workshop/rates'

/** How long a job takes its hands, in minutes. */
export interface JobTime {
  readonly whole: number
  /** When the water is off, from the beginning; null where it stays on. */
  readonly off: { readonly from: number; readonly to: number } | null
  /** What is done to the water; nothing where it stays on. */
  readonly water: readonly WaterStep[]
  /** Something of it is not known, so that it may be longer. */
  readonly isLeast: boolean
  /** Minutes of it in which nobody can go on, for something sets or cools. */
  readonly idle: number
  /** Those of them in which one may go elsewhere: nobody has to watch, and the work goes on after. */
  readonly waits: readonly Stretch[]
}

/** How warm it is where something sets, where nobody said: typical. */
export const usualCelsius = 15

export interface JobTimeAsked {
  readonly costs: Costs
  readonly rates: Rates
  /** How warm it is where it sets. */
  readonly celsius: number
  /** Minutes that a joint or a step really took, by its id. */
  readonly minutes: ReadonlyMap<string, number>
  /** No more than these runs, by their ids, after those that are made already; all where nothing is said. */
  readonly part?: PartOfJob
}

/**
 * How long a job takes: pieces cut and clips fixed before the water goes off, then its plan of work, fire watch and all;
 * null where no order of work was found.
 *
 * @remarks for instance: four pieces at 3 minutes, no clips, then a plan of work of 50 minutes with the water off from
 *   10 to 40: 62 minutes, off from 22 to 52
 */
export function timeOfJob(catalogue: Catalogue, job: Job, plan: Plan, asked: JobTimeAsked): JobTime | null {
  const { costs, rates, celsius, minutes, part } = asked
  const now = <Of extends { readonly run: string }>(of: readonly Of[]) => (part ? inRuns(of, part.runs) : of)
  const whole = assemblyQuestion(catalogue, job, plan, { costs, celsius })
  const question = part ? questionAtVisit(whole, plan.joints, part) : whole
  const search = seekOrder(question)
  let step = search.next()
  while (!step.done) step = search.next()
  const order = step.value
  if (!order.ok) return null
  const profile = profileWith(job.profile, job.own?.changes)
  const water = waterSteps(profile, placesCut(now(plan.joints)), minutes, part?.visit)
  const work = schedule(question, order.steps, minutes, { ...water, fireWatch: profile.fireWatch, pairs: job.hands })
  const clips = now(plan.supports).reduce((sum, { at, guides }) => sum + at.length + guides.length, 0)
  const first = now(plan.pieces).length * rates.pieceMinutes + clips * rates.clipMinutes
  const shut = work.before[0]?.start
  return {
    whole: first + work.whole,
    off: shut === undefined ? null : { from: first + shut, to: first + shut + work.waterOff },
    water: [...work.before, ...work.after],
    idle: work.idle,
    waits: work.waits.map(({ from, to }) => ({ from: first + from, to: first + to })),
    isLeast: work.isLeast || question.joints.some(({ unknown }) => unknown.length > 0),
  }
}

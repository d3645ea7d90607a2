import type { Catalogue } from '../catalogue/catalogue'
import { timesOfJob } from '../day/time-of-visits'
import type { Ids } from '../edit/ids'
import { jobEstimate } from '../estimate/job-estimate'
import type { Range } from '../estimate/range'
import type { Job } from '../job/job'
import { methods } from '../methods'
import { methodIds, type MethodId } from '../methods/ids'
import { planJob } from '../plan/plan-job'
import type { Plan } from '../plan/types'
import { costsOf, ratesOf, type Workshop } from '../workshop/workshop'
import { withMethod } from './with-method'

/** What a whole job comes to by one method. */
export interface JobByMethod {
  /** Null of the job as it is drawn. */
  readonly method: MethodId | null
  readonly total: Range
  /** Minutes of its hands, waits and fire watch counted in; null where no order of work was found. */
  readonly minutes: number | null
  /** A wait or a depth in it is not known, so that it may take longer. */
  readonly isLeast: boolean
  /** Minutes without water; null where it stays on, or where no order was found. */
  readonly off: number | null
  readonly isHot: boolean
  readonly joints: number
  /** So many of them are made otherwise: nobody makes what is needed there for this method. */
  readonly otherwise: number
  /** Before tax, without what hiring its tool costs: by this one sees from how many joints a tool pays. */
  readonly withoutTool: number
  /** What its tool costs to buy, where it needs one that the workshop has not. */
  readonly tool: number | null
}

export interface CompareAsked {
  readonly workshop: Workshop
  readonly ids: Ids
  /** How warm it is where something sets. */
  readonly celsius: number
  readonly visits: number
}

/** Whether a plan can be made as it stands: nothing refused, every fitting made. */
const canBeMade = ({ checks, parts }: Plan): boolean =>
  checks.every(({ verdict }) => verdict !== 'refuse') && parts.every(({ isUnmade }) => !isUnmade)

/** How its joints are made, however they are numbered. */
const waysOf = ({ joints }: Plan): string =>
  joints
    .map(({ method }) => method)
    .toSorted()
    .join()

const sumOf = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0)
const middle = ({ low, high }: Range): number => (low + high) / 2

/** A job with its plan, and the method that it is looked at by. */
interface Way {
  readonly job: Job
  readonly plan: Plan
  readonly method: MethodId | null
}

function added(catalogue: Catalogue, { job, plan, method }: Way, { workshop, celsius, visits }: CompareAsked) {
  const [costs, rates] = [costsOf(workshop), ratesOf(workshop)]
  // What was really taken is of the one way only: all are compared by the minutes that are set.
  const minutes = new Map<string, number>()
  const times = timesOfJob(catalogue, job, plan, { costs, rates, celsius, minutes })
  const offs = times?.flatMap(({ off }) => (off ? [off.to - off.from] : [])) ?? []
  const work = times ?? undefined
  const sum = jobEstimate(catalogue, job, plan, { workshop, minutes, visits, work })
  return {
    method,
    total: sum.total,
    minutes: times && sumOf(times.map(({ whole }) => whole)),
    isLeast: times?.some(({ isLeast }) => isLeast) ?? false,
    off: offs.length > 0 ? sumOf(offs) : null,
    isHot: plan.joints.some((joint) => methods[joint.method].hot),
    joints: plan.joints.length,
    otherwise: method === null ? 0 : plan.joints.filter((joint) => joint.method !== method).length,
    withoutTool: middle(sum.beforeTax) - middle(sum.hire),
  }
}

/** The job as it is drawn, to hold other ways against. */
export const jobAsDrawn = (catalogue: Catalogue, job: Job, plan: Plan, asked: CompareAsked): JobByMethod => ({
  tool: null,
  ...added(catalogue, { job, plan, method: null }, asked),
})

/** The methods that some new pipe of a job might be joined by, other than the one it is. */
export const otherMethods = (catalogue: Catalogue, { runs }: Job): MethodId[] =>
  methodIds.filter((method) =>
    runs.some((run) => {
      const pipe = catalogue.pipe(run.pipe)
      return run.method !== method && pipe !== undefined && catalogue.socketFor(method, pipe) !== undefined
    }),
  )

/**
 * What the whole job comes to with this method wherever its pipe takes it.
 *
 * @returns null where it cannot be made so, for no pipe takes it, a rule refuses, a fitting is not made; and where that
 *   is how it is drawn
 */
export function jobByMethod(
  catalogue: Catalogue,
  { job, plan: drawn }: Pick<Way, 'job' | 'plan'>,
  method: MethodId,
  asked: CompareAsked,
): JobByMethod | null {
  const costs = costsOf(asked.workshop)
  const changed = withMethod(catalogue, job, method, { ids: asked.ids, costs })
  const plan = changed && planJob(changed, catalogue)
  if (!changed || !plan || !canBeMade(plan) || waysOf(plan) === waysOf(drawn)) return null
  const isOwned = (asked.workshop.tools ?? []).some((tool) => tool.method === method)
  const tool = methods[method].needsTool && !isOwned ? costs.methods[method].tool : null
  return { tool, ...added(catalogue, { job: changed, plan, method }, asked) }
}

/**
 * From how many joints a tool has paid for itself: its price over what each joint costs less by it.
 *
 * @returns null where it needs no tool, or saves nothing
 * @example toolPaysFrom({ tool: 900, withoutTool: 280, joints: 20 }, { withoutTool: 340, joints: 20 }) // 300
 */
export function toolPaysFrom(
  { tool, withoutTool, joints }: Pick<JobByMethod, 'tool' | 'withoutTool' | 'joints'>,
  before: Pick<JobByMethod, 'withoutTool' | 'joints'>,
): number | null {
  const saved = before.withoutTool - withoutTool
  if (tool === null || saved <= 0 || joints === 0) return null
  return Math.ceil(tool / (saved / joints))
}

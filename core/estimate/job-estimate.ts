import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import type { Plan } from '../plan/types'
import { profileWith } from '../workshop/profile'
import { costsOf, ratesOf, type Workshop } from '../workshop/workshop'
import { estimate, type Estimate } from './estimate'
import type { WorkKnown } from './labour'

/** What is known of a job beside its plan, when its cost is worked out. */
export interface JobKnown {
  readonly workshop: Workshop
  /** Minutes that a joint or a step really took, by its id. */
  readonly minutes: ReadonlyMap<string, number>
  /** How often somebody comes; the visits that stand in the job hold before it. */
  readonly visits?: number
  /** What its plans of work tell, one a visit; nothing where no order of work was found. */
  readonly work?: readonly WorkKnown[] | undefined
}

/** How often somebody comes to a job: as agreed, else as said, else once. */
export const visitsOf = ({ visits }: Pick<Job, 'visits'>, said?: number): number => visits?.length ?? said ?? 1

/** What a job costs by the workshop's own prices, rates and tools, and by what was really taken. */
export function jobEstimate(catalogue: Catalogue, job: Job, plan: Plan, known: JobKnown): Estimate {
  const { workshop, minutes, visits, work } = known
  return estimate(catalogue, plan, {
    costs: costsOf(workshop),
    rates: ratesOf(workshop),
    profile: profileWith(job.profile, job.own?.changes),
    minutes,
    work,
    visits: visitsOf(job, visits),
    ...(workshop.prices && { prices: workshop.prices }),
    owned: new Set((workshop.tools ?? []).map(({ method }) => method)),
  })
}

/** Hours, methods and rates are those that ship: nobody has said others, whatever a merchant's list says of items. */
export const hasExamplePrices = ({ methods, hour, rates }: Workshop): boolean =>
  Object.keys(methods).length === 0 && hour === undefined && rates === undefined

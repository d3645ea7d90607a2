import { placesCut, waterSteps, type WaterStep } from '../assembly/water-off'
import { methods } from '../methods'
import type { Plan } from '../plan/types'
import type { Costs } from '../workshop/costs'
import type { Profile } from '../workshop/profile'
import type { Rates } from '../workshop/rates'
import { exactly, outBy, sumOfRanges, type Range } from './range'

/** Minutes of work on a job, by what they go into. */
export interface Labour {
  readonly joints: Range
  /** Pieces cut, deburred and marked; clips fixed. */
  readonly cutting: Range
  /** From shutting the water to looking at the joints under pressure. */
  readonly water: Range
  /** Staying to watch for fire, once a day of hot work. */
  readonly watch: Range
  /** Waiting for what sets or cools, where nothing else is left to do; null where no order of work tells. */
  readonly waits: Range | null
  /** How many of the joints' minutes were really taken. */
  readonly taken: number
}

/** What a plan of work tells of the minutes beside the joints. */
export interface WorkKnown {
  /** Minutes in which nobody can go on. */
  readonly idle: number
  /** What is done to the water; nothing where it stays on. */
  readonly water: readonly WaterStep[]
}

export interface LabourAsked {
  readonly costs: Costs
  readonly rates: Rates
  readonly profile: Profile
  /** Minutes that a joint or a step really took, by its id. */
  readonly minutes: ReadonlyMap<string, number>
  /** How often somebody comes. */
  readonly visits: number
  /** Of each plan of work, one a visit; nothing where no order of work was found. */
  readonly work?: readonly WorkKnown[] | undefined
}

/**
 * How long the hands are at it. What was really taken is known to the minute, what is planned may be out; of waits those
 * are counted that no other work fills. Where no order of work tells, the water is taken to be shut once.
 *
 * @remarks for instance: two joints of 10 minutes, one of them really 14, out by 30 %: 21 to 27
 */
export function labourOf(plan: Plan, { costs, rates, profile, minutes, visits, work }: LabourAsked): Labour {
  const planned = (amount: number): Range => outBy(amount, rates.timeSpread)
  const joints = plan.joints.map(({ id, method }) => {
    const real = minutes.get(id)
    return real === undefined ? planned(costs.methods[method].minutes) : exactly(real)
  })
  const { before, after } = waterSteps(profile, placesCut(plan.joints), minutes)
  const water = work ? work.flatMap((of) => of.water) : [...before, ...after]
  const clips = plan.clipCounts.reduce((sum, { count }) => sum + count, 0)
  const isHot = plan.joints.some(({ method }) => methods[method].hot)
  return {
    joints: sumOfRanges(joints),
    cutting: planned(plan.pieces.length * rates.pieceMinutes + clips * rates.clipMinutes),
    water: sumOfRanges(water.map((step) => (step.isReal ? exactly(step.minutes) : planned(step.minutes)))),
    watch: exactly(isHot ? profile.fireWatch * visits : 0),
    waits: work ? exactly(work.reduce((sum, { idle }) => sum + idle, 0)) : null,
    taken: plan.joints.filter(({ id }) => minutes.has(id)).length,
  }
}

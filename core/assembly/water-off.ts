import type { PlanJoint } from '../pipework/planned'
import type { Profile } from '../workshop/profile'

/** What the household is without water for, beside the joints themselves. */
export const waterStepKinds = ['shut', 'drain', 'cut', 'refill', 'purge', 'look'] as const
export type WaterStepKind = (typeof waterStepKinds)[number]

export interface WaterStep {
  /** Its key among the minutes that were entered. */
  readonly id: string
  readonly kind: WaterStepKind
  readonly minutes: number
  /** It took as long as this says, which was entered. */
  readonly isReal: boolean
}

/** The key under which what a step really took is kept: of several visits each has its own. */
const waterStepId = (kind: WaterStepKind, visit?: string): string =>
  ['water', kind, ...(visit ? [visit] : [])].join('/')

const words: Readonly<Record<WaterStepKind, string>> = {
  shut: 'Shut the water off, and prove it at an outlet',
  drain: 'Drain: lowest outlet open, and a high one',
  cut: 'Cut into the line',
  refill: 'Refill slowly, highest outlets open',
  purge: 'Run every outlet until the air is out',
  look: 'Look at every joint under pressure',
}
export const waterStepText = (kind: WaterStepKind): string => words[kind]

/**
 * How many places of existing pipe are cut into: those at which something new is joined to it.
 *
 * @remarks for instance: a tee cut into a line and a tie-in at an end: 2, though the tee has two joints on existing pipe
 */
export const placesCut = (joints: readonly Pick<PlanJoint, 'run' | 'node' | 'piece' | 'inner'>[]): number =>
  new Set(
    joints.filter(({ piece, inner }) => piece === null && inner === null).map(({ run, node }) => `${run}/${node}`),
  ).size

/**
 * What is done between shutting the water and the first joint, and between the last one and water at the outlets.
 *
 * @param cuts how many places of existing pipe are cut into
 * @param real minutes that a step took, by its key
 * @param visit the id of the visit at which it is done, where the job has several
 */
export function waterSteps(
  profile: Profile,
  cuts: number,
  real: ReadonlyMap<string, number>,
  visit?: string,
): { readonly before: readonly WaterStep[]; readonly after: readonly WaterStep[] } {
  const step = (kind: WaterStepKind, planned: number): WaterStep => {
    const id = waterStepId(kind, visit)
    return { id, kind, minutes: real.get(id) ?? planned, isReal: real.has(id) }
  }
  return {
    before: [
      step('shut', profile.shutMinutes),
      step('drain', profile.drainMinutes),
      step('cut', profile.cutMinutes * cuts),
    ],
    after: [
      step('refill', profile.refillMinutes),
      step('purge', profile.purgeMinutes),
      step('look', profile.lookMinutes),
    ],
  }
}

import type { Job } from '../job/job'
import type { Attitude } from '../procedure/procedure'
import { attitudeOf, unitVector } from '../run/direction'
import type { PlanJoint } from './planned'
import { systemOf } from '../job/system'

/**
 * How a joint lies, by the leg that goes into it: level, or upright with its fitting above or below the pipe.
 *
 * @returns undefined for a tie-in’s existing pipe, whose lie nobody has said
 * @remarks for instance: a leg drawn up from a tee: at the tee 'upright, fitting below', at its far end 'upright, fitting above'
 */
export function jointAttitude(job: Job, joint: PlanJoint): Attitude | undefined {
  const leg = systemOf(job, joint.run)?.legs.find(({ id }) => id === joint.leg)
  if (!leg) return undefined
  if (attitudeOf(leg.direction) === 'horizontal') return 'level'
  const rises = unitVector(leg.direction)[2] > 0
  return rises === (leg.to === joint.node) ? 'upright, fitting above' : 'upright, fitting below'
}

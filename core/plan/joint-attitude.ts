import type { Job } from '../job/job'
import type { Attitude } from '../make/procedure'
import { attitudeOf, unitVector } from '../route/direction'
import type { PlanJoint, PlanPiece } from './types'

/**
 * How a joint lies, by the leg that goes into it: level, or upright with its fitting above or below the pipe.
 *
 * @returns undefined for existing pipe, whose lie nobody has said
 * @remarks for instance: a leg drawn up from a tee: at the tee 'upright, fitting below', at its far end 'upright, fitting above'
 */
export function jointAttitude(job: Job, pieces: readonly PlanPiece[], joint: PlanJoint): Attitude | undefined {
  const piece = pieces.find(({ id, run }) => id === joint.piece && run === joint.run)
  const leg = job.runs
    .find(({ id }) => id === joint.run)
    ?.legs.find(({ id, from, to }) => piece?.legs.includes(id) && (from === joint.node || to === joint.node))
  if (!leg) return undefined
  if (attitudeOf(leg.direction) === 'horizontal') return 'level'
  const rises = unitVector(leg.direction)[2] > 0
  return rises === (leg.to === joint.node) ? 'upright, fitting above' : 'upright, fitting below'
}

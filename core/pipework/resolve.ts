import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { systemsOf } from '../job/system'
import { layOut, type Layout } from '../run/layout'
import { piecesOf } from './take-off/piece'
import { profileWith, type Profile } from '../workshop/profile'
import { asBuilt } from './as-built'
import { buildRun, type BuiltRun } from './build-run'
import { jointMaker } from './joints'
import { pipeEnds, type PipeEnds } from './pipe-ends'
import { toPlanPiece, type Cutting } from './plan-piece'
import type { PlanJoint, PlanPiece } from './planned'

/** One system as it will stand. */
export interface ResolvedSystem extends BuiltRun {
  readonly layout: Layout
  readonly ends: PipeEnds
  readonly pieces: readonly PlanPiece[]
  readonly joints: readonly PlanJoint[]
}

/** A job as it will stand. */
export interface Pipework {
  /** With its short pieces, and each leg without pipe as long as its two fittings make it. */
  readonly job: Job
  readonly profile: Profile
  readonly systems: readonly ResolvedSystem[]
}

/**
 * What stands there once a job is done: where everything lies, its fittings, pipes and the joints between them. Made once
 * for a job and a catalogue; whoever asks what stands there reads it here.
 *
 * @param decided as read by `readJob`: its pipes are in the catalogue, its legs' nodes exist
 */
export function resolve(decided: Job, catalogue: Catalogue): Pipework {
  const job = asBuilt(catalogue, decided)
  const profile = profileWith(job.profile, job.own?.changes)
  const cutting: Cutting = { job, share: profile.leastEngagement / 100 }
  const jointsOf = jointMaker(catalogue, job, profile)
  let number = 0
  const systems = systemsOf(job).map((system): ResolvedSystem => {
    const layout = layOut(system)
    const ends = pipeEnds({ catalogue, layout })
    const pieces = piecesOf(catalogue, layout, ends).map((piece) => toPlanPiece(piece, layout, ++number, cutting))
    const built = buildRun(catalogue, { layout, ends, pieces })
    return { layout, ends, pieces, ...built, joints: jointsOf({ layout, built, ends, pieces }) }
  })
  return { job, profile, systems }
}

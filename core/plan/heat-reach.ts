import { distance, type Vector } from '../quantity/vector'
import type { Pipe } from '../catalogue/pipe'
import { flameDistance, type Profile } from '../job/profile'
import type { PlanJoint } from './types'

/** A joint with where it stands; in mm from its run's start, null where no leg leads there. */
export interface PlacedJoint {
  readonly joint: PlanJoint
  readonly pipe: Pipe
  readonly run: string
  readonly place: Vector | null
  /** What is near a flame here is kept wet, so that no heat reaches it. */
  readonly wet: boolean
}

/**
 * For each soldered joint the joints of its run that its flame would hurt: those nearer than the profile's distance, in
 * a straight line, which is never more than along the pipe. Where a place is not known, those of the same node.
 *
 * @remarks for instance: a soldered tee 200 mm from a press coupling, profile 450: the coupling is within reach
 */
export function heatReach(joints: readonly PlacedJoint[], profile: Profile): Map<string, Set<string>> {
  const hot = joints.filter(({ joint, wet }) => joint.method === 'solder' && !wet)
  return new Map(
    hot.map(({ joint, pipe, run, place }) => {
      const reach = flameDistance(profile, pipe.od)
      const within = joints.filter(
        (other) =>
          other.run === run &&
          other.joint.id !== joint.id &&
          (place && other.place ? distance(place, other.place) < reach : other.joint.node === joint.node),
      )
      return [joint.id, new Set(within.map((other) => other.joint.id))]
    }),
  )
}

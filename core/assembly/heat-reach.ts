import { methods } from '../methods'
import { groupBy } from '../quantity/group-by'
import { distance, type Vector } from '../quantity/vector'
import type { Pipe } from '../catalogue/pipe'
import { flameDistance, type Profile } from '../workshop/profile'
import type { PlanJoint } from '../pipework/planned'

/** A joint with where it stands; in mm from its run's start, null where no leg leads there. */
export interface PlacedJoint {
  readonly joint: PlanJoint
  readonly pipe: Pipe
  readonly run: string
  readonly place: Vector | null
  /** What is near a flame here is kept wet, so that no heat reaches it. */
  readonly wet: boolean
}

/** Joints by where they stand, in cubes of one size; those of no known place by their node. */
class Neighbours {
  private readonly cubes: ReadonlyMap<string, readonly PlacedJoint[]>

  constructor(
    joints: readonly PlacedJoint[],
    private readonly side: number,
  ) {
    this.cubes = groupBy(joints, (of) => this.keyOf(of))
  }

  private cubeOf = (place: Vector): Vector => [
    Math.floor(place[0] / this.side),
    Math.floor(place[1] / this.side),
    Math.floor(place[2] / this.side),
  ]
  private keyOf = ({ run, place, joint }: PlacedJoint): string =>
    `${run} ${place ? this.cubeOf(place).join(' ') : joint.node}`

  /** All that may stand within a cube's side of a joint. */
  around(of: PlacedJoint): PlacedJoint[] {
    if (!of.place) return [...(this.cubes.get(this.keyOf(of)) ?? [])]
    const [x, y, z] = this.cubeOf(of.place)
    const steps = [-1, 0, 1]
    return steps.flatMap((east) =>
      steps.flatMap((north) =>
        steps.flatMap((up) => this.cubes.get(`${of.run} ${x + east} ${y + north} ${z + up}`) ?? []),
      ),
    )
  }
}

/**
 * For each soldered joint the joints of its run that its flame would hurt: those nearer than the profile's distance, in
 * a straight line, which is never more than along the pipe. Where a place is not known, those of the same node.
 *
 * @remarks for instance: a soldered tee 200 mm from a press coupling, profile 450: the coupling is within reach
 */
export function heatReach(joints: readonly PlacedJoint[], profile: Profile): Map<string, Set<string>> {
  const hot = joints.filter(({ joint, wet }) => methods[joint.method].hot && !wet)
  const reachOf = ({ pipe }: PlacedJoint) => flameDistance(profile, pipe.od)
  const neighbours = new Neighbours(joints, Math.max(1, ...hot.map(reachOf)))
  return new Map(
    hot.map((from) => {
      const within = neighbours
        .around(from)
        .filter(
          ({ joint, place }) =>
            joint.id !== from.joint.id && (!from.place || !place || distance(from.place, place) < reachOf(from)),
        )
      return [from.joint.id, new Set(within.map(({ joint }) => joint.id))]
    }),
  )
}

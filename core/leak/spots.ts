import type { Job } from '../job/job'
import { systemsOf } from '../job/system'
import { groupBy } from '../quantity/group-by'
import type { Vector } from '../quantity/vector'
import { layOut } from '../run/layout'
import type { Suspect } from './suspects'

/** What one look takes in: a fitting with all its joints, or a leg's pipe. */
export interface Spot {
  /** A fitting's run and node, or `leg/` with a run and a leg. */
  readonly id: string
  readonly suspects: readonly Suspect[]
  /** None of it can be seen where it is. */
  readonly isHidden: boolean
  /** mm of pipe to look along; 0 at a fitting. */
  readonly length: number
  /** Where it stands, in mm; null where that is not known. */
  readonly place: Vector | null
}

const spotOf = ({ id, run, node }: Suspect): string => (node === null ? id : `${run}/${node}`)

/** Where the nodes of a job stand, and the middles of its legs, by spot. Systems that hang apart stand apart by nothing. */
function placesOf(job: Job): (suspect: Suspect) => Vector | null {
  const nodes = new Map(systemsOf(job).flatMap((system) => [...layOut(system).places]))
  const legs = new Map(job.legs.map((leg) => [leg.id, leg]))
  return ({ node, leg }) => {
    if (node !== null) return nodes.get(node) ?? null
    const of = legs.get(leg ?? '')
    const [from, to] = [nodes.get(of?.from ?? ''), nodes.get(of?.to ?? '')]
    return from && to ? [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2, (from[2] + to[2]) / 2] : null
  }
}

/**
 * Suspects by the spot at which they are looked at, in their order.
 *
 * @remarks for instance: leg, elbow, leg: three spots; the elbow's holds both of its joints
 */
export function spotsOf(job: Job, suspects: readonly Suspect[]): Spot[] {
  const placeOf = placesOf(job)
  const bySpot = groupBy(suspects, spotOf)
  return [...bySpot].map(([id, of]) => ({
    id,
    suspects: of,
    isHidden: of.every(({ isHidden }) => isHidden),
    length: of[0]!.length,
    place: placeOf(of[0]!),
  }))
}

/** mm/s by which one gets on from place to place, past what stands in between; typical. */
const pace = 500
/** s to a place of which it is not known where it is; typical. */
const unknownWay = 10

/**
 * Seconds from one place to another; 0 from where nobody is known to stand.
 *
 * @remarks for instance: 3 m along and 2 m up: 10 s
 */
export function walkingSeconds(from: Vector | null, to: Vector | null): number {
  if (!from) return 0
  if (!to) return unknownWay
  return from.reduce((sum, along, axis) => sum + Math.abs(along - to[axis]!), 0) / pace
}

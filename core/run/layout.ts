import { thousandths } from '../quantity/thousandths'
import { plus, type Vector } from '../quantity/vector'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { Job, Leg, Node } from '../job/job'
import { portOffset } from './mixer'
import { walk } from './walk'
import { angleBetween, opposite, unitVector } from '../job/direction'
import { type System, drawnLength, systemsOf } from '../job/system'

/** A leg as seen from one of its nodes. */
export interface Arm {
  readonly leg: Leg
  /** Which way the pipe leaves the node. */
  readonly away: Vector
}

/** A system with its nodes' arms and places, worked out once. */
export interface Layout {
  readonly system: System
  readonly node: ReadonlyMap<string, Node>
  readonly leg: ReadonlyMap<string, Leg>
  /** The legs that meet at each node, in the order of the system's legs. */
  readonly arms: ReadonlyMap<string, readonly Arm[]>
  /** Where each node stands: from the first fixed point, or from the first node at the origin. Unreached nodes are missing. */
  readonly places: ReadonlyMap<string, Vector>
  /** The legs that close a loop: each leads, as the legs were drawn, between nodes that hang together already. */
  readonly closingLegs: ReadonlySet<Leg>
}

function closingLegsOf({ legs }: System): Set<Leg> {
  const sets = new DisjointSets()
  return new Set(legs.filter(({ from, to }) => !sets.tie(from, to)))
}

/** A loop’s last leg places nothing: by how much it misses is the loop’s closing error. */
function placesOf(system: System, arms: Layout['arms'], closingLegs: Layout['closingLegs']): Map<string, Vector> {
  const start = system.nodes.find(({ at }) => at !== undefined) ?? system.nodes[0]
  const places = new Map<string, Vector>()
  if (!start) return places
  const nodes = new Map(system.nodes.map((node) => [node.id, node]))
  for (const { node, from, leg } of walk(arms, start.id, (of) => !closingLegs.has(of))) {
    if (from === null || !leg) {
      places.set(node, start.at ?? [0, 0, 0])
      continue
    }
    const { away } = arms.get(from)!.find((arm) => arm.leg === leg)!
    const port = plus(places.get(from)!, portOffset(system, nodes.get(from)!, leg))
    places.set(node, plus(plus(port, away, drawnLength(leg)), portOffset(system, nodes.get(node)!, leg), -1))
  }
  return places
}

/** Works out a system's arms and the place of every node from its legs. */
export function layOut(system: System): Layout {
  const arms = new Map<string, Arm[]>(system.nodes.map(({ id }) => [id, []]))
  for (const leg of system.legs) {
    const along = unitVector(leg.direction)
    arms.get(leg.from)?.push({ leg, away: along })
    arms.get(leg.to)?.push({ leg, away: opposite(along) })
  }
  const closingLegs = closingLegsOf(system)
  const places = placesOf(system, arms, closingLegs)
  return {
    system,
    node: new Map(system.nodes.map((node) => [node.id, node])),
    leg: new Map(system.legs.map((leg) => [leg.id, leg])),
    arms,
    places,
    closingLegs,
  }
}

/** Where a leg meets one of its nodes; undefined where no leg leads there. */
export function portAt({ system, node, places }: Layout, id: string, leg: Leg): Vector | undefined {
  const place = places.get(id)
  return place && plus(place, portOffset(system, node.get(id)!, leg))
}

/** The layout of every system of a job, by each of its runs. */
export const layoutsByRun = (job: Job): ReadonlyMap<string, Layout> =>
  new Map(
    systemsOf(job).flatMap((system) => {
      const layout = layOut(system)
      return system.runs.map(({ id }) => [id, layout] as const)
    }),
  )

/**
 * The turn that a pipe makes at a node with two arms, in degrees: 0 is straight on.
 *
 * @remarks for instance: two legs, east then north: 90
 */
export function turnAt(arms: readonly Arm[]): number | null {
  const [one, other] = arms
  return one && other && arms.length === 2 ? 180 - angleBetween(one.away, other.away) : null
}

/**
 * The angle to which pipe is pulled between two arms, to the thousandth of a degree; null where they are in line, turn
 * straight back, or are not two: no bend does that.
 *
 * @remarks for instance: two legs at 17 and 197 degrees, straight back: null
 */
export function bendAngle(arms: readonly Arm[]): number | null {
  const angle = thousandths(turnAt(arms) ?? 0)
  return angle > 0 && angle < 180 ? angle : null
}

const straightWithin = 1

/** Which arm of a tee is its branch: the one that is in line with neither other; null where no two are in line. */
export function branchOf(arms: readonly Arm[]): Arm | null {
  if (arms.length !== 3) return null
  for (const branch of arms) {
    const [one, other] = arms.filter((arm) => arm !== branch)
    if (one && other && 180 - angleBetween(one.away, other.away) < straightWithin) return branch
  }
  return null
}

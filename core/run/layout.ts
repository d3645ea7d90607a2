import { plus, type Vector } from '../quantity/vector'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { Leg, Node, Run } from '../job/job'
import { walk } from './walk'
import { angleBetween, opposite, unitVector } from './direction'

/** A leg as seen from one of its nodes. */
export interface Arm {
  readonly leg: Leg
  /** Which way the pipe leaves the node. */
  readonly away: Vector
}

/** A run with its nodes' arms and places, worked out once. */
export interface Layout {
  readonly run: Run
  readonly node: ReadonlyMap<string, Node>
  /** The legs that meet at each node, in the order of the run's legs. */
  readonly arms: ReadonlyMap<string, readonly Arm[]>
  /** Where each node stands: from the first fixed point, or from the first node at the origin. Unreached nodes are missing. */
  readonly places: ReadonlyMap<string, Vector>
  /** The legs that close a loop: each leads, as the legs were drawn, between nodes that hang together already. */
  readonly closingLegs: ReadonlySet<Leg>
}

function closingLegsOf({ legs }: Run): Set<Leg> {
  const sets = new DisjointSets()
  return new Set(legs.filter(({ from, to }) => !sets.tie(from, to)))
}

/** A loop’s last leg places nothing: by how much it misses is the loop’s closing error. */
function placesOf(run: Run, arms: Layout['arms'], closingLegs: Layout['closingLegs']): Map<string, Vector> {
  const start = run.nodes.find(({ at }) => at !== undefined) ?? run.nodes[0]
  const places = new Map<string, Vector>()
  if (!start) return places
  for (const { node, from, leg } of walk(arms, start.id, (of) => !closingLegs.has(of))) {
    const place = from === null ? (start.at ?? [0, 0, 0]) : places.get(from)!
    const away = arms.get(from ?? node)!.find((arm) => arm.leg === leg)?.away ?? [0, 0, 0]
    places.set(node, leg ? plus(place, away, leg.length) : place)
  }
  return places
}

/** Works out a run's arms and the place of every node from its legs. */
export function layOut(run: Run): Layout {
  const arms = new Map<string, Arm[]>(run.nodes.map(({ id }) => [id, []]))
  for (const leg of run.legs) {
    const along = unitVector(leg.direction)
    arms.get(leg.from)?.push({ leg, away: along })
    arms.get(leg.to)?.push({ leg, away: opposite(along) })
  }
  const closingLegs = closingLegsOf(run)
  const places = placesOf(run, arms, closingLegs)
  return { run, node: new Map(run.nodes.map((node) => [node.id, node])), arms, places, closingLegs }
}

/**
 * The turn that a pipe makes at a node with two arms, in degrees: 0 is straight on.
 *
 * @remarks for instance: two legs, east then north: 90
 */
export function turnAt(arms: readonly Arm[]): number | null {
  const [one, other] = arms
  return one && other && arms.length === 2 ? 180 - angleBetween(one.away, other.away) : null
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

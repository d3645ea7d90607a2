import { DisjointSets } from '../quantity/disjoint-sets'
import { groupBy } from '../quantity/group-by'
import type { NodeKind } from '../job/job'
import type { Layout } from './layout'
import { holdsWater } from './states'

/** A place where water stays, or air. */
export interface Level {
  readonly run: string
  /** The nodes that lie there, at one height. */
  readonly nodes: readonly string[]
  /** mm above the run's start. */
  readonly height: number
  readonly kind: 'low' | 'high'
  /** Low points of one number keep one pool of water: it is told at the first of them. */
  readonly pool: number
  /** mm of pipe that stays full when everything else is open; nothing at a high point, nor at a pool's other low points. */
  readonly keeps: readonly { readonly leg: string; readonly length: number }[]
}

export interface Levels {
  /** Low points that do not drain, and high points that hold air. */
  readonly points: readonly Level[]
  /** What to open: the lowest outlet, and a high one to let air in; null where there is none. */
  readonly lowest: string | null
  readonly highest: string | null
  /** Legs that slope: mm of fall to the metre, downwards from their first node. */
  readonly falls: readonly { readonly leg: string; readonly fall: number }[]
}

const level = 0.5
/** What can be opened, or leads on to a pipe that can. */
const leadOff: ReadonlySet<NodeKind> = new Set(['outlet', 'open', 'tie-in'])

interface Plateau {
  readonly nodes: ReadonlySet<string>
  readonly height: number
}

/** Nodes joined by level legs, as one. */
function plateausOf({ system, places }: Layout): Plateau[] {
  const sets = new DisjointSets()
  for (const { from, to } of system.legs) {
    const [a, b] = [places.get(from), places.get(to)]
    if (a && b && Math.abs(a[2] - b[2]) <= level) sets.tie(from, to)
  }
  const placed = system.nodes.filter(({ id }) => places.has(id))
  return [...groupBy(placed, ({ id }) => sets.root(id)).values()].map((nodes) => ({
    nodes: new Set(nodes.map(({ id }) => id)),
    height: places.get(nodes[0]!.id)![2],
  }))
}

/**
 * The lowest height to which water must rise on its way from each node to something that opens. The pipework is flooded
 * from below: what comes together under water runs off by whichever opening the water comes to first.
 */
function spillHeights(
  { system, places, node, arms }: Layout,
  opens: ReadonlySet<NodeKind>,
): ReadonlyMap<string, number> {
  const spills = new Map<string, number>()
  const sets = new DisjointSets()
  /** By a flooded group's root: its nodes that have no way off yet; null where it has one. */
  const waiting = new Map<string, string[] | null>()
  const runOff = (nodes: readonly string[], height: number) => nodes.forEach((id) => spills.set(id, height))

  function join(id: string, other: string, height: number): void {
    const [one, two] = [sets.root(id), sets.root(other)]
    if (one === two) return
    const [mine, theirs] = [waiting.get(one)!, waiting.get(two)!]
    sets.tie(one, two)
    if (mine && theirs) {
      const [more, fewer] = mine.length < theirs.length ? [theirs, mine] : [mine, theirs]
      more.push(...fewer)
      waiting.set(one, more)
      return
    }
    runOff(mine ?? theirs ?? [], height)
    waiting.set(one, null)
  }

  const rising = system.nodes
    .filter(({ id }) => places.has(id))
    .sort((a, b) => places.get(a.id)![2] - places.get(b.id)![2])
  for (const { id } of rising) {
    const height = places.get(id)![2]
    if (opens.has(node.get(id)!.kind)) {
      spills.set(id, height)
      waiting.set(id, null)
    } else waiting.set(id, [id])
    for (const { leg } of arms.get(id) ?? []) {
      const other = leg.from === id ? leg.to : leg.from
      if (other !== id && waiting.has(sets.root(other))) join(id, other, height)
    }
  }
  return spills
}

/** How much of each leg about a low point lies below the height at which it would run off. */
function keptBelow(
  { arms, places }: Layout,
  plateau: Plateau,
  spill: number,
): { keeps: Level['keeps']; within: Set<string> } {
  const within = new Set(plateau.nodes)
  const keeps: { leg: string; length: number }[] = []
  const seen = new Set<string>()
  // Nodes that come under water are added while it goes through them.
  for (const at of within) {
    for (const { leg } of arms.get(at) ?? []) {
      const [a, b] = [places.get(leg.from), places.get(leg.to)]
      if (seen.has(leg.id) || !a || !b) continue
      seen.add(leg.id)
      const [bottom, top] = [Math.min(a[2], b[2]), Math.max(a[2], b[2])]
      if (bottom >= spill) continue
      const share = top <= spill ? 1 : (spill - bottom) / (top - bottom)
      // What was not measured is told nowhere.
      if (holdsWater(leg) && leg.length !== null) keeps.push({ leg: leg.id, length: leg.length * share })
      if (top < spill) within.add(leg.from === at ? leg.to : leg.from)
    }
  }
  return { keeps, within }
}

/**
 * Where a run keeps water or holds air, what to open to drain it, and which legs slope.
 *
 * A low point drains when an outlet, an open end or the existing pipe lies on it; a high point lets air out the same way.
 *
 * @param opens by what water leaves; without it by outlets, open ends and the existing pipe
 * @remarks for instance: down 300, along 1000, up 300 to an outlet: the leg along keeps its water, and 300 mm of either upright
 */
export function levelsOf(layout: Layout, opens = leadOff): Levels {
  const { system, places, node, arms } = layout
  const spills = spillHeights(layout, opens)
  /** Which pool the nodes under water belong to. */
  const pools = new Map<string, number>()
  let count = 0
  const points = plateausOf(layout).flatMap((plateau): Level[] => {
    const around = [...plateau.nodes].flatMap((id) =>
      arms.get(id)!.flatMap(({ leg }) => {
        const other = leg.from === id ? leg.to : leg.from
        const place = places.get(other)
        return place && !plateau.nodes.has(other) ? [place[2]] : []
      }),
    )
    if (around.length === 0 || [...plateau.nodes].some((id) => opens.has(node.get(id)!.kind))) return []
    const isLow = around.every((height) => height > plateau.height)
    if (!isLow && !around.every((height) => height < plateau.height)) return []
    const point = { run: system.id, nodes: [...plateau.nodes], height: plateau.height }
    if (!isLow) return [{ ...point, kind: 'high', pool: (count += 1), keeps: [] }]
    const known = pools.get(point.nodes[0]!)
    if (known !== undefined) return [{ ...point, kind: 'low', pool: known, keeps: [] }]
    const { keeps, within } = keptBelow(layout, plateau, spills.get(point.nodes[0]!) ?? Infinity)
    count += 1
    for (const id of within) pools.set(id, count)
    return [{ ...point, kind: 'low', pool: count, keeps }]
  })
  const outlets = system.nodes
    .filter(({ id, kind }) => kind === 'outlet' && places.has(id))
    .sort((a, b) => places.get(a.id)![2] - places.get(b.id)![2])
  const falls = system.legs.flatMap((leg) => {
    const [a, b] = [places.get(leg.from), places.get(leg.to)]
    if (!a || !b) return []
    const along = Math.hypot(b[0] - a[0], b[1] - a[1])
    const down = a[2] - b[2]
    return along > Math.abs(down) && Math.abs(down) > level ? [{ leg: leg.id, fall: (down / along) * 1000 }] : []
  })
  return { points, lowest: outlets[0]?.id ?? null, highest: outlets.at(-1)?.id ?? null, falls }
}

/**
 * Outlets whose last leg does not fall towards them: outdoors it would keep water in the wall, to freeze there.
 *
 * @returns the outlets' nodes
 * @remarks for instance: a leg level through the wall to an outlet: that outlet
 */
export function outletsWithoutFall({ system, arms, places }: Layout): string[] {
  return system.nodes.flatMap(({ id, kind }) => {
    const [arm] = arms.get(id) ?? []
    if (kind !== 'outlet' || !arm) return []
    const other = places.get(arm.leg.from === id ? arm.leg.to : arm.leg.from)
    const own = places.get(id)
    return other && own && other[2] - own[2] <= level ? [id] : []
  })
}

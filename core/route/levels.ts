import type { Layout } from './layout'

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
const opens = new Set(['outlet', 'open', 'tie-in'])

interface Plateau {
  readonly nodes: Set<string>
  readonly height: number
}

/** Nodes joined by level legs, as one. */
function plateausOf({ run, places }: Layout): Map<string, Plateau> {
  const of = new Map<string, Plateau>()
  for (const { id } of run.nodes) {
    const place = places.get(id)
    if (place) of.set(id, { nodes: new Set([id]), height: place[2] })
  }
  for (const { from, to } of run.legs) {
    const [a, b] = [of.get(from), of.get(to)]
    if (!a || !b || a === b || Math.abs(a.height - b.height) > level) continue
    b.nodes.forEach((id) => {
      a.nodes.add(id)
      of.set(id, a)
    })
  }
  return of
}

/** The lowest height to which water must rise on its way from a plateau to something that opens. */
function spillHeight({ run, places, node }: Layout, plateau: Plateau): number {
  const reached = new Map([...plateau.nodes].map((id) => [id, plateau.height]))
  const open = [...reached.keys()]
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const { from, to } of run.legs) {
      const next = from === at ? to : to === at ? from : null
      const place = next !== null ? places.get(next) : undefined
      if (next === null || !place) continue
      const height = Math.max(reached.get(at)!, place[2])
      if (height >= (reached.get(next) ?? Infinity)) continue
      reached.set(next, height)
      open.push(next)
    }
  }
  const heights = [...reached].flatMap(([id, height]) => (opens.has(node.get(id)!.kind) ? [height] : []))
  return heights.length > 0 ? Math.min(...heights) : Infinity
}

/** How much of each leg about a low point lies below the height at which it would run off. */
function keptBelow(
  { run, places }: Layout,
  plateau: Plateau,
  spill: number,
): { keeps: Level['keeps']; within: Set<string> } {
  const within = new Set(plateau.nodes)
  const keeps: { leg: string; length: number }[] = []
  const seen = new Set<string>()
  const open = [...within]
  for (let at = open.pop(); at !== undefined; at = open.pop()) {
    for (const leg of run.legs) {
      if (seen.has(leg.id) || (leg.from !== at && leg.to !== at)) continue
      const [a, b] = [places.get(leg.from), places.get(leg.to)]
      if (!a || !b) continue
      seen.add(leg.id)
      const [bottom, top] = [Math.min(a[2], b[2]), Math.max(a[2], b[2])]
      if (bottom >= spill) continue
      const share = top <= spill ? 1 : (spill - bottom) / (top - bottom)
      keeps.push({ leg: leg.id, length: leg.length * share })
      const far = leg.from === at ? leg.to : leg.from
      if (top < spill && !within.has(far)) {
        within.add(far)
        open.push(far)
      }
    }
  }
  return { keeps, within }
}

/**
 * Where a run keeps water or holds air, what to open to drain it, and which legs slope.
 *
 * A low point drains when an outlet, an open end or the existing pipe lies on it; a high point lets air out the same way.
 *
 * @remarks for instance: down 300, along 1000, up 300 to an outlet: the leg along keeps its water, and 300 mm of either upright
 */
export function levelsOf(layout: Layout): Levels {
  const { run, places, node } = layout
  const of = plateausOf(layout)
  /** Which pool the nodes under water belong to. */
  const pools = new Map<string, number>()
  let count = 0
  const points = [...new Set(of.values())].flatMap((plateau): Level[] => {
    const around = run.legs.flatMap(({ from, to }) => {
      const [a, b] = [plateau.nodes.has(from), plateau.nodes.has(to)]
      const other = a && !b ? to : b && !a ? from : null
      const place = other !== null ? places.get(other) : undefined
      return place ? [place[2]] : []
    })
    if (around.length === 0 || [...plateau.nodes].some((id) => opens.has(node.get(id)!.kind))) return []
    const isLow = around.every((height) => height > plateau.height)
    if (!isLow && !around.every((height) => height < plateau.height)) return []
    const point = { run: run.id, nodes: [...plateau.nodes], height: plateau.height }
    if (!isLow) return [{ ...point, kind: 'high', pool: (count += 1), keeps: [] }]
    const known = pools.get([...plateau.nodes][0]!)
    if (known !== undefined) return [{ ...point, kind: 'low', pool: known, keeps: [] }]
    const { keeps, within } = keptBelow(layout, plateau, spillHeight(layout, plateau))
    count += 1
    for (const id of within) pools.set(id, count)
    return [{ ...point, kind: 'low', pool: count, keeps }]
  })
  const outlets = run.nodes
    .filter(({ id, kind }) => kind === 'outlet' && places.has(id))
    .sort((a, b) => places.get(a.id)![2] - places.get(b.id)![2])
  const falls = run.legs.flatMap((leg) => {
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
export function outletsWithoutFall({ run, arms, places }: Layout): string[] {
  return run.nodes.flatMap(({ id, kind }) => {
    const [arm] = arms.get(id) ?? []
    if (kind !== 'outlet' || !arm) return []
    const other = places.get(arm.leg.from === id ? arm.leg.to : arm.leg.from)
    const own = places.get(id)
    return other && own && other[2] - own[2] <= level ? [id] : []
  })
}

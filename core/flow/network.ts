/** A stretch between two places through which water may go either way. */
export interface Edge {
  readonly from: string
  readonly to: string
  /** Pressure lost by a flow of so many litres a minute, 0 or more; grows with it. */
  loss(flow: number): number
}

/** Flows are right to so much, in litres a minute. */
const near = 1e-6
const mostRounds = 200

/** How each place is reached from the first: by which edge, from where, and how many edges away. */
interface Reached {
  readonly edge: number
  readonly from: string
  readonly depth: number
}

/** The edges of a tree from one place, and those that close a loop. */
function spread(edges: readonly Edge[], start: string): { tree: ReadonlyMap<string, Reached>; closing: number[] } {
  const at = new Map<string, number[]>()
  edges.forEach(({ from, to }, index) => {
    for (const place of [from, to]) at.set(place, [...(at.get(place) ?? []), index])
  })
  const tree = new Map<string, Reached>([[start, { edge: -1, from: start, depth: 0 }]])
  const used = new Set<number>()
  const open = [start]
  for (const place of open) {
    for (const edge of at.get(place) ?? []) {
      const { from, to } = edges[edge]!
      const next = from === place ? to : from
      if (tree.has(next)) continue
      tree.set(next, { edge, from: place, depth: tree.get(place)!.depth + 1 })
      used.add(edge)
      open.push(next)
    }
  }
  const closing = edges.flatMap(({ from }, index) => (tree.has(from) && !used.has(index) ? [index] : []))
  return { tree, closing }
}

/** An edge as it is gone along: 1 from its first place to its second, −1 back. */
type Step = readonly [edge: number, sign: 1 | -1]

function loopOf(edges: readonly Edge[], tree: ReadonlyMap<string, Reached>, closing: number): Step[] {
  const loop: Step[] = [[closing, 1]]
  let [one, other] = [edges[closing]!.to, edges[closing]!.from]
  const signOf = (edge: number, from: string): 1 | -1 => (edges[edge]!.from === from ? 1 : -1)
  while (one !== other) {
    const [a, b] = [tree.get(one)!, tree.get(other)!]
    // On from where the closing edge ends, and back from where it begins, until the two meet.
    if (a.depth >= b.depth) {
      loop.push([a.edge, signOf(a.edge, one)])
      one = a.from
    } else {
      loop.push([b.edge, signOf(b.edge, b.from)])
      other = b.from
    }
  }
  return loop
}

/**
 * How a draw is shared among all ways that lead to it: round every loop the losses add up to nothing (Hardy Cross 1936:
 * each loop in turn is put right by its miss over twice its slope).
 *
 * @param draw litres a minute, above 0
 * @returns litres a minute in each edge, from its first place to its second, below 0 the other way; null where no way leads
 * @remarks for instance: two equal ways of which one is drawn the other way round, 20 drawn: 10 and −10
 */
export function sharedFlow(edges: readonly Edge[], start: string, outlet: string, draw: number): number[] | null {
  const { tree, closing } = spread(edges, start)
  if (!tree.has(outlet)) return null
  const flows = new Array<number>(edges.length).fill(0)
  for (let place = outlet; place !== start; place = tree.get(place)!.from) {
    const { edge, from } = tree.get(place)!
    flows[edge]! += edges[edge]!.from === from ? draw : -draw
  }
  const loops = closing.map((edge) => loopOf(edges, tree, edge))
  /** A step for the slope: small against the draw. */
  const step = draw / 1000
  for (let round = 0; round < mostRounds; round += 1) {
    let largest = 0
    for (const loop of loops) {
      let [miss, slope] = [0, 0]
      for (const [edge, sign] of loop) {
        const flow = sign * flows[edge]!
        const size = Math.abs(flow)
        const { loss } = edges[edge]!
        miss += Math.sign(flow) * loss(size)
        slope += (loss(size + step) - loss(Math.max(0, size - step))) / (size + step - Math.max(0, size - step))
      }
      if (slope === 0) continue
      const by = -miss / slope
      for (const [edge, sign] of loop) flows[edge]! += sign * by
      largest = Math.max(largest, Math.abs(by))
    }
    if (largest < near) break
  }
  return flows
}

/**
 * The way on which most of a draw comes: back from where it is drawn, at each place by the edge that brings most.
 *
 * @returns edges in order of flow, each with the place it leads to
 */
export function mainWay(
  edges: readonly Edge[],
  flows: readonly number[],
  start: string,
  outlet: string,
): { readonly edge: number; readonly to: string }[] {
  const bringing = new Map<string, { edge: number; from: string; flow: number }>()
  edges.forEach(({ from, to }, edge) => {
    const flow = flows[edge]!
    const [source, goal] = flow >= 0 ? [from, to] : [to, from]
    if (Math.abs(flow) > (bringing.get(goal)?.flow ?? 0))
      bringing.set(goal, { edge, from: source, flow: Math.abs(flow) })
  })
  const way: { edge: number; to: string }[] = []
  for (let place = outlet; place !== start && way.length <= edges.length;) {
    const by = bringing.get(place)
    if (!by) break
    way.push({ edge: by.edge, to: place })
    place = by.from
  }
  return way.reverse()
}

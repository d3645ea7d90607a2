import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { System } from '../job/system'
import { crossingsOf } from './crossings'
import type { DrawnLeg, DrawnNode, Drawing, Point } from './drawing'
import { arrowSign, breakSign, outDashes, pipeColour, serviceDashes } from './line-style'
import type { Ink, Line, Mark, Part, Shape } from './shape'

/** In thirds of a letter's height: half the gap in a pipe that passes behind, where a pulled bend begins, the least leg with an arrow. */
const [halfGap, bendFrom, leastArrow] = [2, 3, 14] as const

/** Lines of new pipe, of pipe that is there, and of pipe that comes out, the upper ones last. */
interface PipeLine {
  readonly ink: Ink
  readonly weight: number
  readonly dashes: readonly number[]
}

/** A pipe's lines: what is there hollow, what comes out thin. */
function linesOf({ state, service }: DrawnLeg, ink: Ink): readonly PipeLine[] {
  if (state === undefined) return [{ ink, weight: 0.9, dashes: serviceDashes[service] }]
  if (state === 'comes out') return [{ ink, weight: 0.4, dashes: outDashes }]
  return [
    { ink, weight: 1.1, dashes: [] },
    { ink: 'paper', weight: 0.55, dashes: [] },
  ]
}

const along = ({ from, to }: DrawnLeg, share: number): Point => [
  from[0] + (to[0] - from[0]) * share,
  from[1] + (to[1] - from[1]) * share,
]
const lengthOf = ({ from, to }: DrawnLeg): number => Math.hypot(to[0] - from[0], to[1] - from[1])

/** A sign turned along a leg, so many degrees on. */
function turned(points: readonly Point[], { from, to }: DrawnLeg, isBack = false): readonly Point[] {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0]) + (isBack ? Math.PI : 0)
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  return points.map(([x, y]) => [x * cos - y * sin, x * sin + y * cos])
}

/** What of a leg is drawn, as shares of it: less where a bend begins, and a gap where it passes behind another. */
function stretches(ends: readonly [number, number], gaps: readonly number[], half: number) {
  const found: (readonly [number, number])[] = []
  let [from] = ends
  const end = 1 - ends[1]
  for (const gap of gaps) {
    if (gap - half > from) found.push([from, Math.min(end, gap - half)])
    from = Math.max(from, gap + half)
  }
  return from < end ? [...found, [from, end] as const] : found
}

/** The pipes of a drawing, and the bends in which they go on. */
export function drawLegs(
  { catalogue, system, drawing }: { readonly catalogue: Catalogue; readonly system: System; readonly drawing: Drawing },
  unit: number,
): readonly Part[] {
  const legs = new Map(system.legs.map((leg) => [leg.id, leg]))
  const inkOf = ({ id }: DrawnLeg): Ink => {
    const pipe = catalogue.pipe(pipeIdIn(system, legs.get(id)!))
    return pipe ? pipeColour(pipe) : 'copper'
  }
  const crossings = crossingsOf(drawing.legs)
  const drawn = new Map(drawing.legs.map((leg) => [leg.id, leg]))
  const bends = new Set(drawing.nodes.filter((node) => isDrawnBend(node, drawn, unit)).map(({ id }) => id))
  const partOf = (leg: DrawnLeg): Part => {
    const { id, from, to, between, service, state, isBroken } = leg
    const length = lengthOf(leg) || 1
    const cut = (node: string) => (bends.has(node) ? (bendFrom * unit) / length : 0)
    const pieces = stretches([cut(between[0]), cut(between[1])], crossings.get(id) ?? [], (halfGap * unit) / length)
    const lines = linesOf(leg, inkOf(leg)).flatMap((of) =>
      pieces.map((piece): Line => ({ kind: 'line', from: along(leg, piece[0]), to: along(leg, piece[1]), ...of })),
    )
    const arrow: Mark = {
      kind: 'mark',
      at: [from[0] * 0.75 + to[0] * 0.25, from[1] * 0.75 + to[1] * 0.25],
      stroke: {
        points: turned(arrowSign, leg, service === 'heating-return'),
        closed: true,
        fill: 'ink',
        ink: 'ink',
        weight: 0,
      },
    }
    const broken: Mark = {
      kind: 'mark',
      at: along(leg, 0.5),
      stroke: { points: turned(breakSign, leg), fill: 'paper', ink: 'ink', weight: 0.3 },
    }
    const hasArrow = state !== 'comes out' && length > leastArrow * unit
    const shapes: Shape[] = [...lines, ...(hasArrow ? [arrow] : []), ...(isBroken ? [broken] : [])]
    return { of: 'leg', id, shapes }
  }
  const bent = drawing.nodes.flatMap((node): Part[] => {
    const leg = bends.has(node.id) ? drawn.get([...node.arms.keys()][0]!) : undefined
    return leg ? [{ of: 'fitting', id: node.id, shapes: arcs(node, linesOf(leg, inkOf(leg))) }] : []
  })
  return [...drawing.legs.map(partOf), ...bent]
}

/** A bend between two legs long enough to show it. */
const isDrawnBend = ({ kind, arms }: DrawnNode, drawn: ReadonlyMap<string, DrawnLeg>, unit: number): boolean =>
  kind === 'bend' &&
  arms.size === 2 &&
  [...arms.keys()].every((leg) => drawn.has(leg) && lengthOf(drawn.get(leg)!) > 3 * bendFrom * unit)

/** The pipe round a bend. */
function arcs({ at, arms }: DrawnNode, lines: readonly PipeLine[]): readonly Mark[] {
  const [one, other] = [...arms.values()] as [Point, Point]
  const points = Array.from({ length: 9 }, (_, step): Point => {
    const share = step / 8
    const [a, b] = [(1 - share) ** 2 * bendFrom, share ** 2 * bendFrom]
    return [one[0] * a + other[0] * b, one[1] * a + other[1] * b]
  })
  return lines.map(({ ink, weight }) => ({ kind: 'mark', at, stroke: { points, ink, weight } }))
}

import { serviceIn } from '../job/leg-defaults'
import type { Service } from '../job/place'
import { thousandths } from '../quantity/thousandths'
import { lengthOf, minus, type Vector } from '../quantity/vector'
import type { LegState, NodeKind } from '../job/job'
import type { Wall } from '../job/kinds'
import { wayWord } from '../run/direction-words'
import { floorOf } from '../run/floor'
import { portAt, type Arm, type Layout } from '../run/layout'
import { unknownHeights } from '../run/unknown-heights'
import { hasNoPipe, isNewFitting } from '../run/states'
import { drawnLength } from '../job/system'

/** A point on the drawing, in mm of the pipe, x to the right and y down. */
export type Point = readonly [number, number]

const along = Math.cos(Math.PI / 6)
const aside = Math.sin(Math.PI / 6)

/**
 * A place in space on an isometric drawing: east runs down to the right, north up to the right, up is up.
 * All three axes keep their length.
 *
 * @example project([1000, 0, 0]) // [866, 500]
 */
export function project([east, north, up]: Vector): Point {
  return [(east + north) * along, (east - north) * aside - up]
}

/** How a run is looked at; elevations from the south and from the east. */
export const drawingViews = ['isometric', 'plan', 'from the south', 'from the east'] as const
export type DrawingView = (typeof drawingViews)[number]

const projections: Readonly<Record<DrawingView, (place: Vector) => Point>> = {
  isometric: project,
  plan: ([east, north]) => [east, -north],
  'from the south': ([east, , up]) => [east, -up],
  'from the east': ([, north, up]) => [north, -up],
}

/** How near a place is to the one who looks, in mm along the sight: what has more lies in front. */
const nearness: Readonly<Record<DrawingView, (place: Vector) => number>> = {
  isometric: ([east, north, up]) => east - north + up,
  plan: ([, , up]) => up,
  'from the south': ([, north]) => -north,
  'from the east': ([east]) => east,
}

/** Where the axes point in a view, for the compass: what lies along the sight is left out. */
export const compassOf = (view: DrawingView, facing?: Wall): { readonly word: string; readonly at: Point }[] =>
  (
    [
      [facing ? wayWord('north', facing) : 'N', [0, 1, 0]],
      [facing ? wayWord('east', facing) : 'E', [1, 0, 0]],
      ['up', [0, 0, 1]],
    ] as const
  )
    .map(([word, axis]) => ({ word, at: projections[view](axis) }))
    .filter(({ at }) => Math.hypot(at[0], at[1]) > 0.5)

export interface DrawnLeg {
  readonly id: string
  readonly from: Point
  readonly to: Point
  /** The nodes at its ends. */
  readonly between: readonly [string, string]
  /** How near its two ends are to the one who looks. */
  readonly near: readonly [number, number]
  readonly length: number
  /** Pipe that is there or comes out; new where nothing is said. */
  readonly state: Exclude<LegState, 'no pipe'> | undefined
  readonly service: Service
  /** Its length does not matter: drawn with a break, and not written. */
  readonly isBroken: boolean
}

export interface DrawnNode {
  readonly id: string
  readonly kind: NodeKind
  /** Of a bend: a support holds it. */
  readonly isHeld: boolean
  readonly at: Point
  /** Which way each of its legs leaves it on paper, by the leg's id; none of what lies along the sight. */
  readonly arms: ReadonlyMap<string, Point>
  /** mm over the floor where that is known, else up from where the run starts; null where nobody knows. */
  readonly height: number | null
  /** It goes in; what is there already is drawn faint. */
  readonly isNew: boolean
}

/** What of a fitting lies between the port of a leg and the fitting's middle, or between it and one that stands in it. */
export interface DrawnBody {
  readonly leg: string
  readonly from: Point
  readonly to: Point
}

export interface Drawing {
  readonly legs: readonly DrawnLeg[]
  readonly nodes: readonly DrawnNode[]
  readonly bodies: readonly DrawnBody[]
  /** Least x, least y, width, height that show it all, with a margin. */
  readonly box: readonly [number, number, number, number]
}

const least = 600
const margin = 0.11

function boxAround(points: readonly Point[]): Drawing['box'] {
  if (points.length === 0) return [-least / 2, -least / 2, least, least]
  let [left, top] = points[0]!
  let [right, bottom] = points[0]!
  for (const [x, y] of points) {
    left = Math.min(left, x)
    right = Math.max(right, x)
    top = Math.min(top, y)
    bottom = Math.max(bottom, y)
  }
  const width = Math.max(right - left, least)
  const height = Math.max(bottom - top, least)
  const pad = Math.max(width, height) * margin
  return [(left + right - width) / 2 - pad, (top + bottom - height) / 2 - pad, width + 2 * pad, height + 2 * pad]
}

/** The ways of a node's legs on paper, each of length one. */
const armsOf = (arms: readonly Arm[], project: (place: Vector) => Point): ReadonlyMap<string, Point> =>
  new Map(
    arms.flatMap(({ leg, away }) => {
      const [x, y] = project(away)
      const length = Math.hypot(x, y)
      return length < 0.05 ? [] : [[leg.id, [x / length, y / length]] as const]
    }),
  )

/**
 * The drawing of a run in a view: its legs and nodes on paper.
 *
 * @param shown where things are drawn, as in a sketch; the figures are the layout's own
 */
export function drawRun(layout: Layout, view: DrawingView = 'isometric', shown: Layout = layout): Drawing {
  const { system, arms } = layout
  const project = projections[view]
  const at = new Map([...shown.places].map(([id, place]) => [id, project(place)]))
  const legs = system.legs.flatMap((leg): DrawnLeg[] => {
    const { id, length, state } = leg
    const [start, end] = [portAt(shown, leg.from, leg), portAt(shown, leg.to, leg)]
    if (!start || !end || state === 'no pipe') return []
    const between = [leg.from, leg.to] as const
    const near = [nearness[view](start), nearness[view](end)] as const
    const place = { id, from: project(start), to: project(end), between, near }
    return [{ ...place, length: drawnLength(leg), state, service: serviceIn(system, leg), isBroken: length === null }]
  })
  const unknown = unknownHeights(layout)
  const floor = floorOf(layout) ?? 0
  const nodes = system.nodes.flatMap((node): DrawnNode[] => {
    const point = at.get(node.id)
    if (!point) return []
    const isNew = isNewFitting(node, arms.get(node.id) ?? [])
    const { id, kind, held } = node
    const height = unknown.has(id) ? null : thousandths(layout.places.get(id)![2] - floor)
    return [{ id, kind, isHeld: held === true, at: point, arms: armsOf(arms.get(id) ?? [], project), height, isNew }]
  })
  const bodies = system.legs.flatMap((leg): DrawnBody[] => {
    if (hasNoPipe(leg)) {
      const [from, to] = [at.get(leg.from), at.get(leg.to)]
      return from && to ? [{ leg: leg.id, from, to }] : []
    }
    const [middle, port] = [shown.places.get(leg.to), portAt(shown, leg.to, leg)]
    const isAside = middle && port && lengthOf(minus(port, middle)) > 0
    return isAside ? [{ leg: leg.id, from: project(port), to: project(middle) }] : []
  })
  return { legs, nodes, bodies, box: boxAround([...nodes.map((node) => node.at), ...bodies.map(({ from }) => from)]) }
}

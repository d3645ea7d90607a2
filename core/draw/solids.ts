import { usualBending, usualRadius } from '../bend/limits'
import type { Catalogue } from '../catalogue/catalogue'
import type { Pipe } from '../catalogue/pipe'
import { pipeIdIn, serviceIn } from '../job/leg-defaults'
import type { NodeKind } from '../job/job'
import type { Service } from '../job/place'
import type { System } from '../job/system'
import { radians } from '../quantity/angle'
import { distance, minus, plus, unitOf, type Vector } from '../quantity/vector'
import { bendAngle, layOut, portAt, type Arm, type Layout } from '../run/layout'
import { isBare } from '../run/states'
import { pipeColour } from './line-style'
import type { Ink } from './shape'

/** A round solid along a way, in mm: pipe, or an arm of a fitting. */
export interface Solid {
  readonly of: 'leg' | 'node'
  readonly id: string
  /** Places along its middle: two of straight pipe, more round a bend. */
  readonly along: readonly Vector[]
  /** Outside, in mm. */
  readonly od: number
  readonly ink: Ink
  readonly service: Service
  /** Existing pipe, and what comes out: paler. */
  readonly isThere: boolean
}

/** Of a fitting beside its pipe, typical: how much thicker, and how far an arm reaches in outside diameters. */
const [thicker, reach] = [1.28, 1.15] as const
/** Places round a bend, and the least turn that shows, in degrees: less is drawn as a corner, as is pipe that turns straight back. */
const [bendSteps, leastTurn] = [8, 1] as const

/** Which fittings close an end or stand in line: an arm of theirs is as long on the far side. */
const through: ReadonlySet<NodeKind> = new Set(['cap', 'outlet'])

interface Of {
  readonly catalogue: Catalogue
  readonly layout: Layout
}

const pipeOf = ({ catalogue, layout }: Of, { leg }: Arm): Pipe | undefined =>
  catalogue.pipe(pipeIdIn(layout.system, leg))

/** How far from its corner a pulled bend begins, and the places round it; null where there is none. */
function bendAt(of: Of, id: string): { readonly from: number; readonly round: readonly Vector[] } | null {
  const { layout } = of
  const node = layout.node.get(id)!
  const arms = layout.arms.get(id) ?? []
  const [one, other] = arms
  const at = layout.places.get(id)
  const pipe = one && pipeOf(of, one)
  if (node.kind !== 'bend' || arms.length !== 2 || !one || !other || !at || !pipe) return null
  const radius = node.radius ?? usualRadius(pipe, usualBending(pipe))
  const turn = bendAngle(arms) ?? 0
  if (turn < leastTurn || turn > 180 - leastTurn) return null
  const from = radius * Math.tan(radians(turn) / 2)
  const inwards = unitOf(plus(one.away, other.away))
  const centre = plus(at, inwards, Math.hypot(from, radius))
  const [start, end] = [minus(plus(at, one.away, from), centre), minus(plus(at, other.away, from), centre)]
  const sweep = radians(turn)
  const round = Array.from({ length: bendSteps + 1 }, (_, step): Vector => {
    const share = step / bendSteps
    const [a, b] = [Math.sin((1 - share) * sweep) / Math.sin(sweep), Math.sin(share * sweep) / Math.sin(sweep)]
    return plus(centre, plus(plus([0, 0, 0], start, a), end, b))
  })
  return { from, round }
}

/** A fitting as an arm for each pipe that goes into it, and its valve's spindle. */
function fittingSolids(of: Of, id: string): Solid[] {
  const { layout } = of
  const node = layout.node.get(id)!
  const at = layout.places.get(id)
  if (!at || isBare(node)) return []
  const arms = layout.arms.get(id) ?? []
  const solids = arms.flatMap((arm): Solid[] => {
    const pipe = pipeOf(of, arm)
    if (!pipe) return []
    const back = through.has(node.kind) ? -0.4 * pipe.od : 0
    const common = { of: 'node', id, ink: pipeColour(pipe), service: serviceIn(layout.system, arm.leg) } as const
    const sleeve: Solid = {
      ...common,
      along: [plus(at, arm.away, back), plus(at, arm.away, reach * pipe.od)],
      od: pipe.od * thicker,
      isThere: arm.leg.state !== undefined,
    }
    return [sleeve]
  })
  const [first] = arms
  const [body] = solids
  if (node.kind !== 'valve' || !first || !body) return solids
  // Up, or to the north where the pipe itself goes up.
  const spindle: Vector = Math.abs(first.away[2]) > 0.9 ? [0, 1, 0] : [0, 0, 1]
  return [...solids, { ...body, along: [at, plus(at, spindle, body.od * 1.4)], od: body.od * 0.5 }]
}

/**
 * A system as solids to scale, in mm: pipe by its outside diameter, bent where it is pulled, and a fitting's arms about
 * what goes into them. Fittings' bodies are as thick as is typical.
 *
 * @remarks for instance: 22 pipe, an elbow, 22 pipe: two tubes of 22, two arms of 28.2
 */
export function solidsOf(catalogue: Catalogue, system: System): readonly Solid[] {
  const layout = layOut(system)
  const of = { catalogue, layout }
  const bends = new Map(
    system.nodes.flatMap(({ id }) => {
      const bend = bendAt(of, id)
      return bend ? [[id, bend] as const] : []
    }),
  )
  const pipes = system.legs.flatMap((leg): Solid[] => {
    const [start, end] = [portAt(layout, leg.from, leg), portAt(layout, leg.to, leg)]
    const pipe = catalogue.pipe(pipeIdIn(system, leg))
    if (!start || !end || !pipe || leg.state === 'no pipe' || distance(start, end) < 1) return []
    const way = unitOf(minus(end, start))
    const [first, last] = [bends.get(leg.from)?.from ?? 0, bends.get(leg.to)?.from ?? 0]
    const common = {
      od: pipe.od,
      ink: pipeColour(pipe),
      service: serviceIn(system, leg),
      isThere: leg.state !== undefined,
    }
    const straight: Solid = {
      ...common,
      of: 'leg',
      id: leg.id,
      along: [plus(start, way, first), plus(end, way, -last)],
    }
    const bend = bends.get(leg.to)
    return bend ? [straight, { ...common, of: 'node', id: leg.to, along: bend.round }] : [straight]
  })
  return [...pipes, ...system.nodes.flatMap(({ id }) => fittingSolids(of, id))]
}

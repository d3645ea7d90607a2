import { thousandths } from '../quantity/thousandths'
import { type Vector, dot, lengthOf, plus } from '../quantity/vector'
import { axes } from '../job/kinds'
import type { Axis, Direction } from '../job/job'
import { unitVector } from '../job/direction'
import { directionOf } from './turning'

/** Two points to be joined, in mm, and which way the pipe must leave the one and come to the other. */
export interface RouteQuestion {
  readonly from: Vector
  readonly to: Vector
  readonly leave?: Axis
  readonly arrive?: Axis
  /** Shortest leg that can be made, in mm: both insertion depths and take-offs, or two set-backs. */
  readonly leastLeg: number
  /** Stock length in mm: a bent tube that is longer takes a coupling. */
  readonly stockLength: number
}

export interface ProposedLeg {
  readonly direction: Direction
  readonly length: number
}

export interface ProposedRoute {
  readonly corner: 'elbow' | 'bend'
  readonly legs: readonly ProposedLeg[]
  readonly fittings: number
  readonly bends: number
  readonly pieces: number
  /** Sum of the legs, in mm. */
  readonly length: number
}

/** What there should be least of. */
export const routeAims = ['fittings', 'bends', 'pieces'] as const
export type RouteAim = (typeof routeAims)[number]

const mostLegs = 5
const axisIndex = (axis: Axis): number => unitVector(axis).findIndex((part) => part !== 0)

/** Lengths along a sequence of axes so that they end at the right place; null where they cannot. */
function lengthsAlong(sequence: readonly Axis[], by: Vector, least: number): number[] | null {
  const lengths = sequence.map(() => 0)
  for (const index of [0, 1, 2]) {
    const uses = sequence.flatMap((axis, at) => (axisIndex(axis) === index ? [at] : []))
    if (uses.length === 0) {
      if (Math.abs(by[index]!) > 1e-6) return null
      continue
    }
    const sign = (at: number) => unitVector(sequence[at]!)[index]!
    if (uses.length === 2 && sign(uses[0]!) === sign(uses[1]!)) {
      for (const at of uses) lengths[at] = (by[index]! * sign(at)) / 2
      continue
    }
    // There and back: all but one are as short as can be, and that one makes up the rest.
    const restFor = (at: number): number =>
      sign(at) * uses.reduce((left, other) => (other === at ? left : left - sign(other) * least), by[index]!)
    const long = uses.find((at) => restFor(at) >= least - 1e-6)
    if (long === undefined) return null
    for (const at of uses) lengths[at] = at === long ? restFor(at) : least
  }
  return lengths.every((length) => length >= least - 1e-6) ? lengths : null
}

function axisRoutes({ from, to, leave, arrive, leastLeg }: RouteQuestion): ProposedLeg[][] {
  const by = plus(to, from, -1)
  const routes: ProposedLeg[][] = []
  const grow = (sequence: Axis[]) => {
    const last = sequence.at(-1)
    if (last && (!arrive || last === arrive)) {
      const lengths = lengthsAlong(sequence, by, leastLeg)
      if (lengths) routes.push(sequence.map((direction, index) => ({ direction, length: lengths[index]! })))
    }
    if (sequence.length === mostLegs) return
    for (const axis of axes) {
      if (last ? axisIndex(axis) === axisIndex(last) : leave && axis !== leave) continue
      grow([...sequence, axis])
    }
  }
  grow([])
  return routes
}

/** Straight across, with a short leg out or in as it is asked for; a slanting pipe that nothing asks for is not wanted. */
function slantingRoute({ from, to, leave, arrive, leastLeg }: RouteQuestion): ProposedLeg[] | null {
  if (!leave && !arrive) return null
  const out: Vector = leave ? plus(from, unitVector(leave), leastLeg) : from
  const into: Vector = arrive ? plus(to, unitVector(arrive), -leastLeg) : to
  const across = plus(into, out, -1)
  const length = lengthOf(across)
  if (length < leastLeg) return null
  const direction = directionOf(across)
  const bendsBack = [leave, arrive].some((at) => at && dot(unitVector(at), unitVector(direction)) < -0.5)
  if (bendsBack) return null
  if ([leave, arrive].some((at) => at === direction)) return null
  return [
    ...(leave ? [{ direction: leave, length: leastLeg }] : []),
    { direction, length },
    ...(arrive ? [{ direction: arrive, length: leastLeg }] : []),
  ]
}

const sum = (legs: readonly ProposedLeg[]): number => legs.reduce((total, { length }) => total + length, 0)

function withCorners(
  legs: readonly ProposedLeg[],
  corner: ProposedRoute['corner'],
  stockLength: number,
): ProposedRoute {
  const turns = legs.length - 1
  const length = sum(legs)
  const couplings = corner === 'bend' ? Math.max(0, Math.ceil(length / stockLength) - 1) : 0
  return {
    corner,
    legs: legs.map(({ direction, length: of }) => ({ direction, length: thousandths(of) })),
    fittings: corner === 'elbow' ? turns : couplings,
    bends: corner === 'bend' ? turns : 0,
    pieces: corner === 'elbow' ? legs.length : couplings + 1,
    length,
  }
}

/**
 * Routes between two points, the best for an aim first: along the axes with elbows or pulled bends, and slanting with
 * bends. To be edited like any other route.
 *
 * @param aim what there should be least of; then fewer turns, then less pipe
 * @returns up to four; none where the points are too near for any
 * @remarks for instance: from 0,0,0 to 1000,800,0: east and north with one elbow, or the same in one bent piece
 */
export function proposeRoutes(question: RouteQuestion, aim: RouteAim): ProposedRoute[] {
  const { stockLength } = question
  const along = axisRoutes(question).sort((a, b) => a.length - b.length || sum(a) - sum(b))
  const [fewest] = along
  const alike = along.filter((legs) => fewest && legs.length === fewest.length).slice(0, 2)
  const slanting = slantingRoute(question)
  const routes = [
    ...alike.map((legs) => withCorners(legs, 'elbow', stockLength)),
    ...alike.slice(0, 1).map((legs) => withCorners(legs, 'bend', stockLength)),
    ...(slanting ? [withCorners(slanting, 'bend', stockLength)] : []),
  ]
  return routes.sort((a, b) => a[aim] - b[aim] || a.legs.length - b.legs.length || a.length - b.length)
}

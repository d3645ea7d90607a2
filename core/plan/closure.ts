import { lengthOf, plus, times, type Vector } from '../quantity/vector'
import type { Job } from '../job/job'
import { normal } from '../quantity/normal'
import { closingsOf } from '../run/closing'
import { unitVector } from '../job/direction'
import { layOut } from '../run/layout'
import { spareDepth } from '../pipework/take-off/allowance'
import type { PlanPiece } from '../pipework/planned'
import type { Plan } from './types'
import { drawnLength, systemsOf } from '../job/system'

/** One length on the way between two fixed points, with all that makes it uncertain. */
export interface ClosingPart {
  /** Share of each axis in its direction, 0 to 1. */
  readonly along: Vector
  /** Each ±, in mm: of the cut, of either take-off, of every measured leg. */
  readonly tolerances: readonly number[]
  /** By how much its joints together can be short of home, in mm. */
  readonly give: number
}

/** The way between two fixed points of a run, or round a loop. */
export interface Chain {
  readonly run: string
  readonly from: string
  readonly to: string
  readonly parts: readonly ClosingPart[]
  /** Pieces on the way whose figures are not known. */
  readonly unknown: readonly string[]
}

export interface Closure {
  /** Every tolerance against one: mm on each axis. */
  readonly worst: Vector
  /** The root of the sum of their squares. */
  readonly likely: Vector
  /** What the joints on the way can give, by not being pushed quite home. */
  readonly give: Vector
}

const axisIndices = [0, 1, 2] as const
/** ± of a cut with a wheel cutter or a fine saw, in mm: typical. */
const cutting = 0.5

function partOf(piece: PlanPiece, along: Vector, legTolerances: readonly number[], share: number): ClosingPart {
  return {
    along: [Math.abs(along[0]), Math.abs(along[1]), Math.abs(along[2])],
    tolerances: [cutting, ...piece.ends.map(({ takeOffTolerance }) => takeOffTolerance ?? 0), ...legTolerances],
    give: piece.ends.reduce((sum, end) => sum + spareDepth(end, share), 0),
  }
}

/**
 * The ways between the fixed points of each run and round its loops. A bent piece counts along the straight line between its ends.
 *
 * @param share least share of its depth that a joint must have, above 0 to 1
 */
export function closingChains(job: Job, plan: Plan, share: number): Chain[] {
  const pieceAt = new Map(plan.pieces.flatMap((piece) => piece.legs.map((leg) => [leg, piece] as const)))
  return systemsOf(job).flatMap((system) => {
    const layout = layOut(system)
    return closingsOf(layout).map(({ path, from, to }): Chain => {
      const pieces = [...new Set(path.flatMap(({ leg }) => pieceAt.get(leg.id) ?? []))]
      const parts = pieces.map((piece) => {
        const legs = path.filter(({ leg }) => piece.legs.includes(leg.id))
        const span = legs.reduce<Vector>(
          (sum, { leg }) => plus(sum, unitVector(leg.direction), drawnLength(leg)),
          [0, 0, 0],
        )
        const along = times(span, 1 / (lengthOf(span) || 1))
        return partOf(
          piece,
          along,
          legs.map(({ leg }) => leg.tolerance ?? 0),
          share,
        )
      })
      const unknown = pieces.filter(({ cut }) => cut === null).map(({ id }) => id)
      return { run: layout.system.id, from, to, parts, unknown }
    })
  })
}

const onAxes = (of: (axis: 0 | 1 | 2) => number): Vector => [of(0), of(1), of(2)]

/**
 * The closure of a way between two fixed points: worst case, and root of the sum of squares.
 *
 * @remarks for instance: two pieces in line, each ± 0.5 cut and ± 1 at either take-off: worst 5, likely 2.12
 */
export function closureOf({ parts }: Chain): Closure {
  return {
    worst: onAxes((axis) =>
      parts.reduce((sum, { along, tolerances }) => sum + along[axis] * tolerances.reduce((all, of) => all + of, 0), 0),
    ),
    likely: onAxes((axis) =>
      Math.sqrt(
        parts.reduce(
          (sum, { along, tolerances }) => sum + tolerances.reduce((all, of) => all + (along[axis] * of) ** 2, 0),
          0,
        ),
      ),
    ),
    give: onAxes((axis) => parts.reduce((sum, { along, give }) => sum + along[axis] * give, 0)),
  }
}

/**
 * The share of builds in which every joint on the way is at or beyond its least engagement: each tolerance is drawn as
 * two standard deviations. Too short on an axis, the joints give what they can; too long, nothing gives but `spring`.
 *
 * @param spring mm by which the ends can be pushed apart
 * @param random numbers from 0 up to 1
 * @param builds how many are tried, 1 or more
 */
export function shareThatCloses(chain: Chain, spring: number, random: () => number, builds: number): number {
  const { give } = closureOf(chain)
  let good = 0
  for (let build = 0; build < builds; build += 1) {
    const short: [number, number, number] = [0, 0, 0]
    for (const { along, tolerances } of chain.parts) {
      const error = tolerances.reduce((sum, of) => sum + normal(random, 0, of / 2), 0)
      for (const axis of axisIndices) short[axis] += along[axis] * error
    }
    if (axisIndices.every((axis) => short[axis] <= give[axis] + 1e-9 && -short[axis] <= spring + 1e-9)) good += 1
  }
  return good / builds
}

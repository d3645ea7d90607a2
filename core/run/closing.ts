import { thousandths } from '../quantity/thousandths'
import type { Leg } from '../job/job'
import { minus, plus, type Vector } from '../quantity/vector'
import { unitVector } from '../job/direction'
import { portAt, type Layout } from './layout'
import { pathBetween, type Stretch } from './path'
import { drawnLength } from '../job/system'

/** By how much a run misses a fixed point or its own beginning, in mm on each axis: where it must be less computed. */
export interface ClosingError {
  readonly run: string
  /** The leg that closes a loop; a fixed point is missed where there is none. */
  readonly leg?: string
  readonly x: number
  readonly y: number
  readonly z: number
}

/** Legs one after another that must lead from one place to another, and what is left between the two in mm. */
export interface Closing {
  readonly error: Vector
  readonly path: readonly Stretch[]
  readonly from: string
  readonly to: string
  /** The leg that closes a loop; a fixed point is missed where there is none. */
  readonly loop: Leg | null
}

const rounded = (mm: number): number => thousandths(mm) || 0

/**
 * Every way that must close: from the first fixed point to each other one, and round each loop, from where its last leg
 * ends and along that leg at the end.
 *
 * @remarks for instance: a square of 1000, 500, 1002, 500 closed on its start: one, with an error of 2 along the third
 */
export function closingsOf(layout: Layout): Closing[] {
  const { system, places, closingLegs } = layout
  const [first, ...others] = system.nodes.filter(({ at }) => at !== undefined)
  const fixed = others.flatMap(({ id, at }): Closing[] => {
    const reached = places.get(id)
    if (!reached || !at) return []
    return [
      { error: minus(at, reached), path: pathBetween(layout, first!.id, id), from: first!.id, to: id, loop: null },
    ]
  })
  const loops = [...closingLegs].flatMap((leg): Closing[] => {
    const [from, to] = [portAt(layout, leg.from, leg), portAt(layout, leg.to, leg)]
    if (!from || !to) return []
    const along = unitVector(leg.direction)
    return [
      {
        error: minus(to, plus(from, along, drawnLength(leg))),
        path: [...pathBetween(layout, leg.to, leg.from), { leg, to: leg.to, along }],
        from: leg.to,
        to: leg.to,
        loop: leg,
      },
    ]
  })
  // Over pipe whose length does not matter, nobody knows by how much.
  return [...fixed, ...loops].filter(({ path }) => path.every(({ leg }) => leg.length !== null))
}

/**
 * The closing errors of a run: at each fixed point but the first, and of each loop.
 *
 * @remarks for instance: start fixed at 0, 0, 0, one leg of 1000 east, end fixed at 1004, 0, 0: x is 4
 */
export const closingErrors = (layout: Layout): ClosingError[] =>
  closingsOf(layout).map(({ error: [x, y, z], loop }) => ({
    run: layout.system.id,
    ...(loop ? { leg: loop.id } : {}),
    x: rounded(x),
    y: rounded(y),
    z: rounded(z),
  }))

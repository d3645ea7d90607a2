import type { Layout } from './layout'

/** By how much a run misses its last fixed point, in mm on each axis: fixed less computed. */
export interface ClosingError {
  readonly run: string
  readonly x: number
  readonly y: number
  readonly z: number
}

const round = (mm: number): number => Math.round(mm * 1000) / 1000 || 0

/**
 * The closing error of a run between fixed points, from the first fixed point along the legs to each other one.
 *
 * @remarks for instance: start fixed at 0, 0, 0, one leg of 1000 east, end fixed at 1004, 0, 0: x is 4
 */
export function closingErrors({ run, places }: Layout): ClosingError[] {
  return run.nodes
    .filter(({ at }) => at !== undefined)
    .slice(1)
    .flatMap(({ id, at }) => {
      const reached = places.get(id)
      if (!reached || !at) return []
      return [{ run: run.id, x: round(at[0] - reached[0]), y: round(at[1] - reached[1]), z: round(at[2] - reached[2]) }]
    })
}

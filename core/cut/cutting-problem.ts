import { groupBy } from '../group-by'
import { commonStep, stepsDown, stepsUp } from './units'
import type { StockPiece } from './stock'

/** An offcut on the rack. */
export interface Offcut {
  readonly id: string
  /** mm, above 0. */
  readonly length: number
}

/** Pieces of one pipe and what they can be cut from; lengths in mm. */
export interface StockQuestion {
  readonly pieces: readonly StockPiece[]
  /** Length of a new bar. */
  readonly barLength: number
  /** What a cut takes; 0 for a wheel cutter. */
  readonly kerf: number
  readonly offcuts: readonly Offcut[]
}

/** Bars of one length: new ones without end, or so many offcuts. */
export interface Source {
  /** Whole steps, the last cut's kerf included. */
  readonly capacity: number
  /** What one costs: a new bar 1, an offcut nothing. */
  readonly cost: 0 | 1
  readonly offcuts: readonly Offcut[]
}

/** The question in whole steps: alike pieces are one kind, alike offcuts one source. */
export interface CuttingProblem {
  /** What one piece of each kind takes of a bar, kerf included, longest first. */
  readonly sizes: readonly number[]
  readonly pieces: readonly (readonly StockPiece[])[]
  readonly demand: readonly number[]
  /** The first is the new bar. */
  readonly sources: readonly Source[]
  /** Longer than a new bar: they need a coupling. */
  readonly tooLong: readonly StockPiece[]
}

/** How many of each kind are cut from one bar of a source. */
export interface Pattern {
  readonly source: number
  readonly counts: readonly number[]
}

/** Puts a question into whole steps: each piece takes its length and a cut, and a bar has its length and one cut more. */
export function cuttingProblem({ pieces, barLength, kerf, offcuts }: StockQuestion): CuttingProblem {
  const fitting = pieces.filter(({ length }) => length <= barLength)
  const step = commonStep([barLength, kerf, ...[...fitting, ...offcuts].map(({ length }) => length)])
  const cut = stepsUp(kerf, step)
  const capacityOf = (length: number) => stepsDown(length, step) + cut
  const kinds = [...groupBy(fitting, ({ length }) => stepsUp(length, step) + cut)].sort(([a], [b]) => b - a)
  const shortest = kinds.at(-1)?.[0] ?? 0
  const racks = [...groupBy(offcuts, ({ length }) => capacityOf(length))]
    .filter(([capacity]) => capacity >= shortest)
    .sort(([a], [b]) => a - b)
  return {
    sizes: kinds.map(([size]) => size),
    pieces: kinds.map(([, same]) => same),
    demand: kinds.map(([, same]) => same.length),
    sources: [
      { capacity: capacityOf(barLength), cost: 1, offcuts: [] },
      ...racks.map(([capacity, same]): Source => ({ capacity, cost: 0, offcuts: same })),
    ],
    tooLong: pieces.filter(({ length }) => length > barLength),
  }
}

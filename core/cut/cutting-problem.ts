import { groupBy } from '../quantity/group-by'
import { commonStep, stepsOf, type StepRounding } from './units'
import type { StockPiece } from './stock'

/** An offcut on the rack. */
export interface Offcut {
  readonly id: string
  /** mm, above 0. */
  readonly length: number
}

/** An offcut with what only it could take laid on it already; its length is what is left. */
export interface LaidOffcut extends Offcut {
  readonly whole: number
  readonly laid: readonly StockPiece[]
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
  readonly offcuts: readonly LaidOffcut[]
}

/** The question in whole steps: alike pieces are one kind, alike offcuts one source. */
export interface CuttingProblem {
  /** What one piece of each kind takes of a bar, kerf included, longest first. */
  readonly sizes: readonly number[]
  readonly pieces: readonly (readonly StockPiece[])[]
  readonly demand: readonly number[]
  /** The first is the new bar. */
  readonly sources: readonly Source[]
  /** Longer than a new bar and any offcut: they need a coupling. */
  readonly tooLong: readonly StockPiece[]
  /** Every length is a whole number of steps. */
  readonly isExact: boolean
}

/** How many of each kind are cut from one bar of a source. */
export interface Pattern {
  readonly source: number
  readonly counts: readonly number[]
}

/** Pieces that only an offcut takes are laid on it first: each on the shortest that takes it, longest piece first. */
function layLongPieces({ pieces, barLength, kerf, offcuts }: StockQuestion) {
  const rack = offcuts.map((offcut): LaidOffcut => ({ ...offcut, whole: offcut.length, laid: [] }))
  const tooLong: StockPiece[] = []
  const long = pieces.filter(({ length }) => length > barLength).sort((a, b) => b.length - a.length)
  for (const piece of long) {
    const [shortest] = rack
      .filter(({ length }) => length + rounding >= piece.length)
      .sort((a, b) => a.length - b.length)
    if (!shortest) {
      tooLong.push(piece)
      continue
    }
    const left = Math.max(0, shortest.length - piece.length - kerf)
    rack[rack.indexOf(shortest)] = { ...shortest, length: left, laid: [...shortest.laid, piece] }
  }
  return { rack, tooLong }
}

/** Sums of thousandths of a millimetre must not turn a piece away. */
const rounding = 1e-6

/**
 * Puts a question into whole steps: each piece takes its length and a cut, and a bar has its length and one cut more.
 *
 * @param towards how lengths that are no whole number of steps are taken
 */
export function cuttingProblem(question: StockQuestion, towards: StepRounding): CuttingProblem {
  const { pieces, barLength, kerf } = question
  const { rack, tooLong } = layLongPieces(question)
  const fitting = pieces.filter(({ length }) => length <= barLength)
  const { step, isExact } = commonStep([barLength, kerf, ...[...fitting, ...rack].map(({ length }) => length)])
  const cut = stepsOf(kerf, step, towards)
  // What rounds a piece up rounds a bar down.
  const bars = towards === 'up' ? 'down' : towards === 'down' ? 'up' : 'nearest'
  const capacityOf = (length: number) => stepsOf(length, step, bars) + cut
  const kinds = [...groupBy(fitting, ({ length }) => stepsOf(length, step, towards) + cut)].sort(([a], [b]) => b - a)
  const shortest = kinds.at(-1)?.[0] ?? 0
  const racks = [...groupBy(rack, ({ length }) => capacityOf(length))]
    .filter(([capacity, same]) => capacity >= shortest || same.some(({ laid }) => laid.length > 0))
    .sort(([a], [b]) => a - b)
  return {
    sizes: kinds.map(([size]) => size),
    pieces: kinds.map(([, same]) => same),
    demand: kinds.map(([, same]) => same.length),
    sources: [
      { capacity: capacityOf(barLength), cost: 1, offcuts: [] },
      ...racks.map(([capacity, same]): Source => ({
        capacity,
        cost: 0,
        // Those that are cut into already are filled first.
        offcuts: same.toSorted((a, b) => b.laid.length - a.laid.length),
      })),
    ],
    tooLong,
    isExact,
  }
}

import { thousandths } from '../quantity/thousandths'
import { blankOf } from '../bend/blank'
import { keptBender } from '../job/bender-of-job'
import type { Job } from '../job/job'
import type { Figure } from '../quantity/basis'
import { allowanceOf } from './take-off/allowance'
import type { PieceEnd } from './take-off/end'
import type { Layout } from '../run/layout'
import type { Piece } from './take-off/piece'
import type { PlanEnd, PlanPiece } from './planned'

/** What pieces are cut by, beside where they lie. */
export interface Cutting {
  readonly job: Job
  /** The least share of its depth that a joint must keep. */
  readonly share: number
}

const figure = (of: Figure | null) => [of?.mm ?? null, of?.tolerance ?? null, of?.basis ?? null] as const

function toPlanEnd({ node, method, insertion, isLeastDepth, takeOff }: PieceEnd): PlanEnd {
  const [insertionMm, insertionTolerance, insertionBasis] = figure(insertion)
  const [takeOffMm, takeOffTolerance, takeOffBasis] = figure(takeOff)
  return {
    node,
    method,
    insertion: insertionMm,
    insertionTolerance,
    insertionBasis,
    isLeastDepth,
    takeOff: takeOffMm,
    takeOffTolerance,
    takeOffBasis,
  }
}

const allowedEnd = (layout: Layout, { node, method, insertion, isLeastDepth }: PieceEnd) => ({
  method,
  insertion: insertion?.mm ?? null,
  isLeastDepth,
  slips: layout.node.get(node)!.kind === 'slip-coupling',
})

function blankFor({ cut, tube, pipe }: Piece, job: Job): number | null {
  if (cut === null || !tube) return cut
  const { trim } = blankOf(tube, keptBender(job, pipe.od) ?? null, pipe.od)
  return thousandths(cut + trim.first + trim.last)
}

/**
 * A piece as the plan has it: its number, what to cut, the blank for its bends, by how much it may be cut wrong.
 *
 * Each field by name: this runs for every piece between two key presses, and copying by spread is several times slower.
 */
export const toPlanPiece = (piece: Piece, layout: Layout, number: number, { job, share }: Cutting): PlanPiece => ({
  id: `P${number}`,
  run: piece.legs[0]!.run,
  pipe: piece.pipe.id,
  legs: piece.legs.map(({ id }) => id),
  cut: piece.cut,
  blank: blankFor(piece, job),
  tolerance: piece.tolerance,
  basis: piece.basis,
  ends: [toPlanEnd(piece.ends[0]), toPlanEnd(piece.ends[1])],
  bends: piece.bends,
  tube: piece.tube,
  missing: piece.missing,
  allowance: allowanceOf([allowedEnd(layout, piece.ends[0]), allowedEnd(layout, piece.ends[1])], share),
})

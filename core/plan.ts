import type { Catalogue } from './catalogue/catalogue'
import { layPieces } from './cut/lay-pieces'
import type { Job } from './job/job'
import { profileWith } from './job/profile'
import { countSundries } from './make/sundries'
import { checksOf } from './plan/checks'
import { jointMaker } from './plan/joints'
import type { Plan, PlanEnd, PlanPiece } from './plan/types'
import type { Figure } from './quantity/basis'
import { formatLength } from './quantity/format-length'
import { closingErrors } from './route/closing'
import type { PieceEnd } from './route/end'
import { countFittings } from './route/fittings'
import { layOut } from './route/layout'
import { piecesOf, type Piece } from './route/piece'
import { clipsOfLeg, countClips } from './support/leg-clips'

const figure = (of: Figure | null) => [of?.mm ?? null, of?.tolerance ?? null, of?.basis ?? null] as const

function toPlanEnd({ node, method, insertion, takeOff }: PieceEnd): PlanEnd {
  const [insertionMm, insertionTolerance, insertionBasis] = figure(insertion)
  const [takeOffMm, takeOffTolerance, takeOffBasis] = figure(takeOff)
  return {
    node,
    method,
    insertion: insertionMm,
    insertionTolerance,
    insertionBasis,
    takeOff: takeOffMm,
    takeOffTolerance,
    takeOffBasis,
  }
}

// Each field by name: this runs for every piece between two key presses, and copying by spread is several times slower.
const toPlanPiece = (piece: Piece, run: string, number: number): PlanPiece => ({
  id: `P${number}`,
  run,
  pipe: piece.pipe.id,
  legs: piece.legs.map(({ id }) => id),
  cut: piece.cut,
  tolerance: piece.tolerance,
  basis: piece.basis,
  ends: [toPlanEnd(piece.ends[0]), toPlanEnd(piece.ends[1])],
  bends: piece.bends,
  tube: piece.tube,
  missing: piece.missing,
})

/**
 * A job goes in, a plan comes out: pieces, joints, fittings, clips, stock, checks. A pure function of the two.
 *
 * @param job as read by `readJob`: its pipes are in the catalogue, its legs' nodes exist
 */
export function planJob(job: Job, catalogue: Catalogue): Plan {
  const profile = profileWith(job.profile, job.own?.changes)
  const written = (mm: number) => formatLength(mm, job.units)
  const layouts = job.runs.map(layOut)
  let number = 0
  const pieces = layouts.flatMap((layout) =>
    piecesOf(catalogue, layout).map((piece) => toPlanPiece(piece, layout.run.id, ++number)),
  )
  const jointsOf = jointMaker(catalogue, job, profile)
  const joints = layouts.flatMap((layout) => jointsOf(layout, pieces))
  const supports = layouts.flatMap((layout) =>
    layout.run.legs.map((leg) => clipsOfLeg(catalogue, layout, leg, profile, written)),
  )
  const stock = layPieces(catalogue, pieces, job.stock)
  const closing = layouts.flatMap(closingErrors)
  return {
    pieces,
    joints,
    fittings: countFittings(catalogue, layouts),
    sundries: countSundries(joints.map(({ method, pipe }) => ({ method, pipe: catalogue.pipe(pipe)! }))),
    clipCounts: countClips(catalogue, supports),
    clips: supports.flatMap(({ leg, at }) => at.map((mm) => ({ leg, at: mm }))),
    supports,
    stock,
    closing,
    checks: checksOf({ layouts, pieces, joints, supports, stock, closing }, written),
  }
}

import type { Catalogue } from './catalogue/catalogue'
import { layPieces } from './cut/lay-pieces'
import type { Job } from './job/job'
import { profileWith } from './job/profile'
import { countSundries } from './make/sundries'
import { checkPlan } from './check/check-plan'
import { jointMaker } from './plan/joints'
import type { Plan, PlanEnd, PlanPiece } from './plan/types'
import type { Figure } from './quantity/basis'
import { closingErrors } from './route/closing'
import type { PieceEnd } from './route/end'
import { countFittings } from './route/fittings'
import { allowanceOf } from './route/allowance'
import { layOut, type Layout } from './route/layout'
import { piecesOf, type Piece } from './route/piece'
import { clipsOfRun, countClips } from './support/leg-clips'

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

// Each field by name: this runs for every piece between two key presses, and copying by spread is several times slower.
const toPlanPiece = (piece: Piece, layout: Layout, number: number, share: number): PlanPiece => ({
  id: `P${number}`,
  run: layout.run.id,
  pipe: piece.pipe.id,
  legs: piece.legs.map(({ id }) => id),
  cut: piece.cut,
  tolerance: piece.tolerance,
  basis: piece.basis,
  ends: [toPlanEnd(piece.ends[0]), toPlanEnd(piece.ends[1])],
  bends: piece.bends,
  tube: piece.tube,
  missing: piece.missing,
  allowance: allowanceOf([allowedEnd(layout, piece.ends[0]), allowedEnd(layout, piece.ends[1])], share),
})

/**
 * A job goes in, a plan comes out: pieces, joints, fittings, clips, stock, checks. A pure function of the two.
 *
 * @param job as read by `readJob`: its pipes are in the catalogue, its legs' nodes exist
 */
export function planJob(job: Job, catalogue: Catalogue): Plan {
  const profile = profileWith(job.profile, job.own?.changes)
  const layouts = job.runs.map(layOut)
  let number = 0
  const pieces = layouts.flatMap((layout) =>
    piecesOf(catalogue, layout).map((piece) => toPlanPiece(piece, layout, ++number, profile.leastEngagement / 100)),
  )
  const jointsOf = jointMaker(catalogue, job, profile)
  const joints = layouts.flatMap((layout) => jointsOf(layout, pieces))
  const supports = layouts.flatMap((layout) => clipsOfRun(catalogue, layout, profile))
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
    checks: checkPlan({ catalogue, job, layouts, pieces, joints, supports, stock, closing }),
  }
}

import { asBuilt } from '../pipework/as-built'
import { keptBender } from '../job/bender-of-job'
import { blankOf } from '../bend/blank'
import { buildRun } from '../pipework/build-run'
import { countFittings } from '../pipework/count-fittings'
import type { Catalogue } from '../catalogue/catalogue'
import { layPieces } from '../cut/lay-pieces'
import type { Job } from '../job/job'
import { profileWith } from '../workshop/profile'
import { usualWire } from '../procedure/solder-length'
import { cutInsOf } from '../pipework/cut-ins'
import { removedFrom } from '../pipework/removed'
import { countBendSupports } from '../pipework/bend-supports'
import { countSundries } from '../pipework/sundries'
import { suppliesFor, type UsedUp } from '../pipework/supplies'
import { checkPlan } from '../check/check-plan'
import { jointMaker } from '../pipework/joints'
import type { PlanEnd, PlanPiece } from '../pipework/planned'
import type { Plan } from './types'
import type { Figure } from '../quantity/basis'
import { closingErrors } from '../run/closing'
import type { PieceEnd } from '../run/end'
import { allowanceOf } from '../run/allowance'
import { layOut, type Layout } from '../run/layout'
import { piecesOf, type Piece } from '../run/piece'
import { clipsOfRun, countClips } from '../support/leg-clips'
import { systemsOf } from '../job/system'

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

/** What pieces are cut by, beside where they lie. */
interface Cutting {
  readonly job: Job
  /** The least share of its depth that a joint must keep. */
  readonly share: number
}

function blankFor({ cut, tube, pipe }: Piece, job: Job): number | null {
  if (cut === null || !tube) return cut
  const { trim } = blankOf(tube, keptBender(job, pipe.od) ?? null, pipe.od)
  return Math.round((cut + trim.first + trim.last) * 1000) / 1000
}

// Each field by name: this runs for every piece between two key presses, and copying by spread is several times slower.
const toPlanPiece = (piece: Piece, layout: Layout, number: number, { job, share }: Cutting): PlanPiece => ({
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

/**
 * A job goes in, a plan comes out: pieces, joints, fittings, clips, stock, checks. A pure function of the two.
 *
 * @param drawn as read by `readJob`: its pipes are in the catalogue, its legs' nodes exist
 */
export function planJob(drawn: Job, catalogue: Catalogue): Plan {
  const job = asBuilt(catalogue, drawn)
  const profile = profileWith(job.profile, job.own?.changes)
  const layouts = systemsOf(job).map(layOut)
  const cutting: Cutting = { job, share: profile.leastEngagement / 100 }
  let number = 0
  const piecesIn = layouts.map((layout) =>
    piecesOf(catalogue, layout).map((piece) => toPlanPiece(piece, layout, ++number, cutting)),
  )
  const pieces = piecesIn.flat()
  const jointsOf = jointMaker(catalogue, job, profile)
  const built = layouts.map((layout, index) => buildRun(catalogue, layout, piecesIn[index]!))
  const joints = layouts.flatMap((layout, index) => jointsOf(built[index]!, layout, piecesIn[index]!))
  const parts = built.flatMap((of) => of.parts)
  const usedUp = joints.map(({ method, pipe, insertion, inner }): UsedUp => ({
    method,
    pipe: catalogue.pipe(pipe)!,
    insertion,
    male: inner?.meeting.kind === 'thread' ? inner.meeting.male : undefined,
  }))
  const inSoil = new Set(job.runs.flatMap(({ id, place }) => ({ ...job.place, ...place }).underground ? [id] : []))
  const supports = layouts.flatMap((layout) => clipsOfRun(catalogue, layout, profile, (run) => inSoil.has(run)))
  const stock = layPieces(catalogue, pieces, job.stock)
  const closing = layouts.flatMap(closingErrors)
  const cutIns = layouts.flatMap((layout) => cutInsOf(catalogue, layout))
  return {
    pieces,
    joints,
    parts,
    fittings: countFittings(parts),
    sundries: [...countSundries(usedUp), ...countBendSupports(catalogue, layouts)],
    supplies: suppliesFor(usedUp, usualWire(job.profile)),
    clipCounts: countClips(catalogue, supports),
    clips: supports.flatMap(({ leg, at }) => at.map((mm) => ({ leg, at: mm }))),
    supports,
    stock,
    closing,
    cutIns,
    removed: layouts.flatMap((layout) => removedFrom(catalogue, layout)),
    checks: checkPlan({ catalogue, job, layouts, pieces, joints, supports, stock, closing, cutIns }),
  }
}

import type { Catalogue } from './catalogue/catalogue'
import { layPieces } from './cut/lay-pieces'
import type { Job } from './job/job'
import { profiles } from './job/profile'
import { countSundries } from './make/sundries'
import { checksOf } from './plan/checks'
import { jointMaker } from './plan/joints'
import type { Plan, PlanEnd, PlanPiece } from './plan/types'
import type { Figure } from './quantity/basis'
import { closingErrors } from './route/closing'
import type { PieceEnd } from './route/end'
import { countFittings } from './route/fittings'
import { layOut } from './route/layout'
import { piecesOf } from './route/piece'
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

/**
 * A job goes in, a plan comes out: pieces, joints, fittings, clips, stock, checks. A pure function of the two.
 *
 * @param job as read by `readJob`: its pipes are in the catalogue, its legs' nodes exist
 */
export function planJob(job: Job, catalogue: Catalogue): Plan {
  const profile = profiles[job.profile]
  const layouts = job.runs.map(layOut)
  let number = 0
  const pieces: PlanPiece[] = layouts.flatMap((layout) =>
    piecesOf(catalogue, layout).map(({ pipe, legs, ends, ...piece }) => ({
      ...piece,
      id: `P${++number}`,
      run: layout.run.id,
      pipe: pipe.id,
      legs: legs.map(({ id }) => id),
      ends: [toPlanEnd(ends[0]), toPlanEnd(ends[1])] as const,
    })),
  )
  const jointsOf = jointMaker(catalogue, job, profile)
  const joints = layouts.flatMap((layout) => jointsOf(layout, pieces))
  const supports = layouts.flatMap((layout) =>
    layout.run.legs.map((leg) => ({ run: layout.run.id, ...clipsOfLeg(catalogue, layout, leg, profile) })),
  )
  const stock = layPieces(catalogue, pieces, job.stock)
  const closing = layouts.flatMap(closingErrors)
  return {
    pieces,
    joints,
    fittings: countFittings(catalogue, layouts),
    sundries: countSundries(joints.map(({ method, pipe }) => ({ method, pipe: catalogue.pipe(pipe)! }))),
    clipCounts: countClips(catalogue, job, supports),
    clips: supports.flatMap(({ leg, at }) => at.map((mm) => ({ leg, at: mm }))),
    supports,
    stock,
    closing,
    checks: checksOf({ layouts, pieces, joints, supports, stock, closing }),
  }
}

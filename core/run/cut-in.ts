import type { Figure } from '../quantity/basis'
import { fixed, sentence } from '../quantity/words/sentence'
import { refusalsOf } from '../quantity/words/refusal'

const refuse = refusalsOf({
  id: 'cut-in',
  messages: {
    play: fixed('Play: nought or more'),
    coupling: sentence(
      { least: 36 },
      ({ least }, say) =>
        `Length of the slip coupling: at least ${say.atLeast(least)}, or it does not cover both pipes`,
    ),
  },
})

/** Cutting a fitting into a line that is there. */
export interface CutInQuestion {
  /** From the fitting's centre to where the pipe stops, at either end of its run. */
  readonly takeOff: Figure
  /** How far the pipe goes in at either end. */
  readonly insertion: Figure
  /** A slip coupling's whole length over its two mouths, in mm; with it its two ends go over the pipe. */
  readonly slipLength: number
  /** By how much the cut ends can be sprung apart along the pipe, in mm. */
  readonly play: number
}

export interface CutIn {
  /** Length to take out of the line for the fitting alone, and its ±. */
  readonly remove: number
  readonly tolerance: number
  /** Along the pipe, to get the second end in: its whole insertion depth. */
  readonly playNeeded: number
  /** Where it cannot be sprung: more is taken out, and new pipe with slip couplings fills it. */
  readonly makeUpPiece: MadeUpPiece | null
}

export interface MadeUpPiece {
  readonly couplings: 1 | 2
  /** Length to take out of the line in all. */
  readonly remove: number
  /** Each new length of pipe: from the fitting's stop to the gap. One with one coupling, two with two. */
  readonly piece: number
  /** What stays open between new and old pipe under a coupling. */
  readonly gap: number
  /** Mark on new and old pipe, from its end at the gap: there the coupling's mouth must stand. */
  readonly mark: number
}

/** Clearance left between two ends under a slip coupling, in mm. */
const clearance = 5

/** The length of a slip coupling that is typical for a depth, in mm, until it is measured: both pipes, and 15 between. */
export const typicalSlipLength = (insertion: number): number => Math.ceil(2 * insertion + 15)

/**
 * What to take out of an existing line so that a tee, coupling or valve goes in, and whether the ends can be sprung
 * apart far enough. Where not: new pipe and slip couplings, which need no play.
 *
 * With one long slip coupling the fitting is pushed on along the pipe, so that the gap is an insertion depth. Where the
 * coupling is too short to cover that, the fitting gets new pipe at both ends and is dropped in between two couplings.
 *
 * @throws RangeError when the coupling is too short for either, or the play is negative
 * @remarks for instance: take-off 12.5, insertion 15.4, play 20: 25 out, sprung in
 * @remarks for instance: the same without play, coupling 50: two pieces of 71 with gaps of 5, 177 out, marks at 22.5
 */
export function cutIn({ takeOff, insertion, slipLength, play }: CutInQuestion): CutIn {
  if (!(play >= 0)) throw refuse('play')
  const least = 2 * insertion.mm + clearance
  if (!(slipLength >= least)) throw refuse('coupling', { least })
  const remove = 2 * takeOff.mm
  const answer = { remove, tolerance: 2 * takeOff.tolerance, playNeeded: insertion.mm }
  if (play >= insertion.mm + insertion.tolerance) return { ...answer, makeUpPiece: null }
  // Each new pipe has room for the coupling to be slid back over it, clear of the gap.
  const piece = Math.ceil(insertion.mm + slipLength + clearance)
  const couplings = slipLength >= 3 * insertion.mm + clearance ? 1 : 2
  const gap = couplings === 1 ? insertion.mm + clearance : clearance
  return {
    ...answer,
    makeUpPiece: { couplings, remove: remove + couplings * (piece + gap), piece, gap, mark: (slipLength - gap) / 2 },
  }
}

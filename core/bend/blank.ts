import type { Bender } from './bender'
import { trimForGrip, type BenderRoom } from './bending-order'
import { markTube, type MarkedTube, type Tube } from './tube'

/** What a bender needs beside the bends; without one nothing is known of grip. */
export const roomOf = (bender: Bender | null, od: number): BenderRoom =>
  bender ? { ...bender, od } : { grip: 0, shoe: 0, od }

/** The tube that is cut to be bent: longer than what stays of it where its outer bends would find no grip. */
export interface Blank {
  /** As it stays. */
  readonly finished: MarkedTube
  /** Cut off at either end once it is bent, in mm. */
  readonly trim: { readonly first: number; readonly last: number }
  /** The length to cut, in mm. */
  readonly length: number
}

/**
 * The blank of a bent piece, by the bender that its bends are marked for.
 *
 * @param bender null where it is bent by hand, or for none yet: then no grip is added
 * @remarks for instance: legs of 60 and 500 round 88 at 90°, a bender that grips 150: what the short leg lacks is added there
 */
export function blankOf(tube: Tube, bender: Bender | null, od: number): Blank {
  const finished = markTube(tube)
  const trim = trimForGrip(finished, roomOf(bender, od))
  return { finished, trim, length: finished.length + trim.first + trim.last }
}

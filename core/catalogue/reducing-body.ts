import { thousandths } from '../quantity/thousandths'
import { weakestBasis, type Figure } from '../quantity/basis'
import type { Catalogue } from './catalogue'
import type { PartEnd, PartFitting } from './part-key'
import { depthOf, type Socket } from './socket'

/** How sure the body of a tee or elbow of several sizes is, in mm. */
const bodyTolerance = 4

/**
 * The take-off at one arm of a tee or elbow of several sizes: its body is that of the equal fitting of its largest size,
 * and a shallower socket stops the pipe so much sooner.
 *
 * @param arm the socket that the pipe goes into
 * @param all the sockets of the fitting, `arm` among them
 * @returns typical; that of the equal fitting where all are of one size; null where that is not known
 * @remarks for instance: a 22 × 15 soldered tee's branch: 13.5 of the 22 tee, and 15.4 − 10.6: 18.3 ± 4
 */
export function reducingTakeOff(
  catalogue: Catalogue,
  arm: Socket,
  { all, kind, end }: { readonly all: readonly Socket[]; readonly kind: PartFitting; readonly end: PartEnd },
): Figure | null {
  const largest = all.reduce((a, b) => (b.od > a.od ? b : a))
  const body = catalogue.takeOff(largest, kind, end)
  if (!body || all.every(({ id }) => id === largest.id)) return body
  return {
    mm: thousandths(body.mm + depthOf(largest) - depthOf(arm)),
    tolerance: Math.max(bodyTolerance, body.tolerance),
    basis: weakestBasis([body.basis, 'typical']),
  }
}

import type { Catalogue } from '../catalogue/catalogue'
import type { PartEnd, PartFitting } from '../catalogue/part'
import type { Socket } from '../catalogue/socket'
import type { Figure } from '../quantity/basis'

/**
 * The take-off of a fitting whose ends have different sizes: it lies between those of the plain fittings of its smallest
 * and its largest size, and its tolerance reaches to either. An estimate to plan with, however sure the two are.
 *
 * @param sockets of all its ends
 * @returns null where one of them is not known: then it must be measured
 * @remarks for instance: a 22 × 15 soldered tee's branch, equal tees 13.5 ± 1.5 and 10 ± 1.5: 11.75 ± 3.25, typical
 */
export function reducedTakeOff(
  catalogue: Catalogue,
  sockets: readonly Socket[],
  kind: PartFitting,
  end: PartEnd,
): Figure | null {
  const found = sockets.map((socket) => catalogue.takeOff(socket, kind, end))
  const known = found.flatMap((figure) => (figure ? [figure] : []))
  if (known.length < found.length || known.length === 0) return null
  const least = Math.min(...known.map(({ mm, tolerance }) => mm - tolerance))
  const most = Math.max(...known.map(({ mm, tolerance }) => mm + tolerance))
  return { mm: (least + most) / 2, tolerance: (most - least) / 2, basis: 'typical' }
}

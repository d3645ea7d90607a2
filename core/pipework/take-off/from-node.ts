import type { Catalogue } from '../../catalogue/catalogue'
import { isInLine, type Fitting } from '../../catalogue/fitting'
import { endLength, handLength } from '../../catalogue/fitting-length'
import type { Node } from '../../job/job'
import type { Figure } from '../../quantity/basis'

/**
 * How far an end of a fitting stands from its node. A node is where axes cross, or the middle of what is straight; an outlet
 * is measured to where the next thing goes on: of an adapter or a tap connector all of its length is taken off.
 *
 * @param index of an end that pipe goes into
 * @remarks for instance: a 22 × 3/4 M soldered adapter as an outlet: 12.5, and not its half
 * @remarks parts.md, *Where an outlet is measured to*
 */
export const fromNode = (
  catalogue: Catalogue,
  { kind }: Pick<Node, 'kind'>,
  named: Fitting,
  index: number,
): Figure | null =>
  kind === 'outlet' && isInLine(named) ? handLength(catalogue, named, 'either') : endLength(catalogue, named, index)

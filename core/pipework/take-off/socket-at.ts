import { socketInChain, type Catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import type { Pipe } from '../../catalogue/pipe'
import type { Socket } from '../../catalogue/socket'
import type { Node } from '../../job/job'
import { chainChosen } from '../../job/chosen'

/** What a pipe goes into at a node: where fittings were chosen there, a converter's old side too. */
export const socketAt = (
  catalogue: Catalogue,
  node: Pick<Node, 'fitting'>,
  method: MethodId,
  pipe: Pipe,
): Socket | undefined =>
  chainChosen(node) ? socketInChain(catalogue, method, pipe) : catalogue.socketFor(method, pipe)

import { fittingNamed } from '../catalogue/chain-length'
import type { Fitting, FittingEnd } from '../catalogue/fitting'
import type { Node } from '../job/job'
import type { MethodId } from '../methods/ids'
import { asDescribed } from './in-line-part'
import { nameChosen } from '../job/chosen'

type SocketEnd = Extract<FittingEnd, { type: 'socket' }>
export const isSocket = (end: FittingEnd): end is SocketEnd => end.type === 'socket'

/** Whether pipe goes into this end: a stop's second is its outlet, for the supply tube or hose of a fixture. */
export const takesPipe = ({ kind, ends }: Fitting, index: number): boolean =>
  isSocket(ends[index]!) && (index === 0 || kind !== 'angle stop')
const pipeSockets = (fitting: Fitting): readonly SocketEnd[] =>
  fitting.ends.filter((end, index): end is SocketEnd => isSocket(end) && takesPipe(fitting, index))

/** How many legs a fitting takes by itself: its ends that pipe goes into. */
export const pipeEnds = (fitting: Fitting): number => pipeSockets(fitting).length

/** The method in which all ends that take pipe are made; undefined where they differ, or there is none. */
export function methodOf(fitting: Fitting): MethodId | undefined {
  const methods = new Set(pipeSockets(fitting).map(({ socket }) => socket.method))
  return methods.size === 1 ? [...methods][0] : undefined
}

/** Whether a fitting stands for itself: it takes pipe by one method, or by what stands on its arms alone. */
export const takesPipeItself = (fitting: Fitting): boolean => methodOf(fitting) !== undefined || pipeEnds(fitting) === 0

/** The fitting that was chosen by its name for a node; undefined where none was, or the catalogue has none of that name. */
export function namedFittingAt(node: Pick<Node, 'fitting' | 'inLine'>): Fitting | undefined {
  const chosen = nameChosen(node)
  const named = chosen && fittingNamed(chosen.name)
  return named && takesPipeItself(named) ? asDescribed(named, node) : undefined
}

/** The method in which a node's chosen fitting takes pipe; undefined where none was chosen. */
export function namedFittingMethod(node: Node): MethodId | undefined {
  const named = namedFittingAt(node)
  return named && methodOf(named)
}

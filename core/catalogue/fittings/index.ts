import { groupBy } from '../../quantity/group-by'
import { shippedSockets, type Socket } from '../socket'
import type { Fitting } from '../fitting'
import { inLineFittings } from './in-line'
import { mixedFittings } from './mixed'
import { supplyStops, threadAdapters, threadedFittings } from './threaded'
import { turningFittings } from './turning'

const plainSockets = (sockets: readonly Socket[]): Socket[] =>
  sockets.filter((socket) => socket.family !== 'old-bore' && socket.method !== 'thread')

const bySystem = (sockets: readonly Socket[]): Socket[][] => [
  ...groupBy(plainSockets(sockets), ({ method, system }) => `${method}|${system}`).values(),
]

/** The fittings that lead from one pipe to another: couplings, reducers, adapters, converters, threaded ones. */
export function transitionsFrom(sockets: readonly Socket[]): Fitting[] {
  const plain = plainSockets(sockets)
  return [
    ...bySystem(sockets).flatMap(inLineFittings),
    ...mixedFittings(sockets, plain),
    ...plain.flatMap(threadAdapters),
    ...threadedFittings(sockets),
    ...supplyStops(sockets),
  ]
}

/** Every fitting that the trade makes of these sockets, by family of size, method and system. */
export const fittingsFrom = (sockets: readonly Socket[]): Fitting[] => [
  ...transitionsFrom(sockets),
  ...bySystem(sockets).flatMap(turningFittings),
]

let transitions: readonly Fitting[] | undefined
let all: readonly Fitting[] | undefined

/** The transitions of the shipped catalogue, made once when first asked for. */
export function shippedTransitions(): readonly Fitting[] {
  transitions ??= transitionsFrom(shippedSockets)
  return transitions
}

/** The fittings of the shipped catalogue, made once when first asked for. */
export function shippedFittings(): readonly Fitting[] {
  all ??= [...shippedTransitions(), ...bySystem(shippedSockets).flatMap(turningFittings)]
  return all
}

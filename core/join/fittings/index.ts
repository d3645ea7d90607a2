import { groupBy } from '../../group-by'
import { shippedSockets, type Socket } from '../../catalogue/socket'
import type { Fitting } from '../fitting'
import { inLineFittings } from './in-line'
import { mixedFittings } from './mixed'
import { threadAdapters, threadedFittings } from './threaded'
import { turningFittings } from './turning'

/** Every fitting that the trade makes of these sockets, by family of size, method and system. */
export function fittingsFrom(sockets: readonly Socket[]): Fitting[] {
  const plain = sockets.filter((socket) => socket.family !== 'old-bore' && socket.method !== 'thread')
  const systems = [...groupBy(plain, ({ method, system }) => `${method}|${system}`).values()]
  return [
    ...systems.flatMap(inLineFittings),
    ...mixedFittings(sockets, plain),
    ...plain.flatMap(threadAdapters),
    ...threadedFittings(sockets),
    ...systems.flatMap(turningFittings),
  ]
}

let shipped: readonly Fitting[] | undefined

/** The fittings of the shipped catalogue, made once when first asked for. */
export function shippedFittings(): readonly Fitting[] {
  shipped ??= fittingsFrom(shippedSockets)
  return shipped
}

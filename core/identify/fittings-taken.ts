import type { Catalogue } from '../catalogue/catalogue'
import { methodIds } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'
import { tableFinding } from '../join/method-table'

const cache = new WeakMap<Pipe, readonly string[]>()

function find(catalogue: Catalogue, pipe: Pipe): readonly string[] {
  if (pipe.material === 'lead') return ['nothing: replace the lead']
  if (pipe.material === 'pp-r') return [`socket fusion ${pipe.nominal}`]
  if (pipe.family === 'old-bore' && pipe.nominal === '3/4') return ['converter for old 3/4 bore']
  return methodIds.flatMap((method) => {
    const socket = catalogue.socketFor(method, pipe)
    return socket && tableFinding(method, pipe).verdict !== 'refuse' ? [socket.label] : []
  })
}

/**
 * The fittings that a pipe takes by size and material, as sockets of the catalogue.
 * Two pipes with the same list need no further telling apart before they are joined.
 */
export function fittingsTaken(catalogue: Catalogue, pipe: Pipe): readonly string[] {
  const known = cache.get(pipe)
  if (known) return known
  const taken = find(catalogue, pipe)
  cache.set(pipe, taken)
  return taken
}

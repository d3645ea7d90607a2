import { endSize, type Fitting, type FittingEnd, type PartKind } from '../catalogue/fitting'
import { oftenThreaded, readName, type NamedEnd, type NamedFitting } from './read-name'

export interface FoundFittings {
  /** The fitting as it was read; null when it could not be. */
  readonly named: NamedFitting | null
  readonly fittings: readonly Fitting[]
  /** What to change, where nothing was read or found; empty otherwise. */
  readonly problem: string
}

function fitsWords(end: FittingEnd, { method, made, system }: NamedEnd): boolean {
  if (end.type === 'thread') {
    return (method === undefined || method === 'thread') && made === undefined && (!system || end.system === system)
  }
  if (method !== undefined && end.socket.method !== method) return false
  const word = end.socket.word.toLowerCase()
  return (!made || word.includes(made)) && (!system || word.includes(system.toLowerCase()))
}

function fitsName(end: FittingEnd, named: NamedEnd, kind: PartKind): boolean {
  if (named.size !== '' && endSize(end) !== named.size) return false
  if (!fitsWords(end, named)) return false
  if (named.type === 'M' || named.type === 'F') return end.type === 'thread' && end.sex === named.type
  // C is a cup: pipe is soldered into it, unless the name says another method.
  if (named.type === 'socket')
    return end.type === 'socket' && (named.method !== undefined || end.socket.method === 'solder')
  if (named.type === 'spigot') return end.type === 'spigot'
  return end.type !== 'thread' || named.method === 'thread' || oftenThreaded.has(kind)
}

const matches = (ends: readonly FittingEnd[], named: readonly NamedEnd[], kind: PartKind): boolean =>
  ends.length === named.length && ends.every((end, index) => fitsName(end, named[index]!, kind))

function matchesInAnyOrder({ kind, ends }: Fitting, named: NamedFitting): boolean {
  if (kind !== named.kind) return false
  if (matches(ends, named.ends, kind)) return true
  const [a, b, branch] = named.ends
  return a !== undefined && b !== undefined && matches(ends, branch ? [b, a, branch] : [b, a], kind)
}

/**
 * The fittings of a catalogue that a counter's text may mean.
 *
 * @example findFittings(fittings, '22 x 15 solder reducer').fittings[0].label // '22 solder × 15 solder reducer'
 */
export function findFittings(fittings: readonly Fitting[], text: string): FoundFittings {
  const read = readName(text)
  if (!read.ok) return { named: null, fittings: [], problem: read.problem }
  const found = fittings.filter((fitting) => matchesInAnyOrder(fitting, read.named))
  return {
    named: read.named,
    fittings: found,
    problem: found.length > 0 ? '' : 'no such fitting is in the catalogue: look at sizes, ends and method',
  }
}

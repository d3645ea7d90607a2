import { materialOf } from '../materials'
import type { Catalogue } from '../catalogue/catalogue'
import { methodIds } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import { profiles } from '../workshop/profile'
import { judge } from '../join/judge'

/** What a pipe goes into, by the names of sockets. */
export interface FittingsThatFit {
  /** What every rule lets pass. */
  readonly sure: readonly string[]
  /** What fits by size, and of which a rule says to be careful. */
  readonly doubtful: readonly string[]
  /** Both, as one key: two pipes of one key take the same. */
  readonly key: string
}

const cache = new WeakMap<Pipe, FittingsThatFit>()

const only = (label: string): FittingsThatFit => ({ sure: [label], doubtful: [], key: label })

function find(catalogue: Catalogue, pipe: Pipe): FittingsThatFit {
  const of = materialOf(pipe)
  if (of.isReplaced) return only('nothing: replace the lead')
  if (pipe.family === 'old-bore' && pipe.nominal === '3/4') return only('converter for old 3/4 bore')
  // Heating is what carbon steel is for; everything else is judged for cold water, which asks least.
  const service = of.heatingOnly ? 'heating-flow' : 'cold'
  const taken = methodIds.flatMap((method) => {
    const socket = catalogue.socketFor(method, pipe)
    const { verdict } = judge(catalogue, pipe, method, { service, place: {}, profile: profiles.metric })
    return socket && verdict !== 'refuse' ? [{ label: socket.label, verdict }] : []
  })
  const ofVerdict = (kind: string) => taken.flatMap(({ label, verdict }) => (verdict === kind ? [label] : []))
  return { sure: ofVerdict('fits'), doubtful: ofVerdict('caution'), key: taken.map(({ label }) => label).join('|') }
}

/**
 * The fittings that a pipe takes by size and material, as sockets of the catalogue.
 * Two pipes with the same key need no further telling apart before they are joined.
 */
export function fittingsThatFit(catalogue: Catalogue, pipe: Pipe): FittingsThatFit {
  const known = cache.get(pipe)
  if (known) return known
  const taken = find(catalogue, pipe)
  cache.set(pipe, taken)
  return taken
}

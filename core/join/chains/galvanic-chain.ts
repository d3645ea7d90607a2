import { materialOf } from '../../materials'
import type { Pipe } from '../../catalogue/pipe'
import type { Fitting } from '../../catalogue/fitting'
import type { Circumstances } from '../judge'
import { galvanic, galvanicSays } from '../rules/galvanic'
import { methods } from '../../methods'
import type { Reason } from '../verdict'

/** Whether a fitting keeps copper and steel apart as brass does: brass itself, or what is threaded for copper. */
function separates({ kind, ends }: Fitting): boolean {
  if (kind === 'dielectric union' || kind === 'valve' || kind === 'thread adapter') return true
  if (ends.some((end) => end.type !== 'thread' && methods[end.socket.method].separatesMetals)) return true
  const isThreaded = (end: Fitting['ends'][number]) => end.type === 'thread' || methods[end.socket.method].threaded
  return ends.some(isThreaded) && !ends.every(isThreaded)
}

/** One end of a chain: its pipe, and what it is joined under. */
interface ChainEnd {
  readonly pipe: Pipe
  readonly circumstances: Circumstances
}

/**
 * What the galvanic rule says of a whole chain, once: a brass fitting between copper and steel is what it asks for, and so
 * is a dielectric union where the profile wants one. Copper upstream of galvanised steel stays a caution whatever stands
 * between.
 *
 * @returns null where nothing is to be said
 */
export function galvanicReason(a: ChainEnd, b: ChainEnd, fittings: readonly Fitting[]): Reason | null {
  const [copper, other] = materialOf(a.pipe).galvanic === 'copper' ? [a, b] : [b, a]
  const { service, place, profile, condition = {} } = copper.circumstances
  const found = galvanic.check({
    pipe: copper.pipe,
    other: other.pipe,
    method: methods.thread,
    socket: undefined,
    tools: undefined,
    service,
    place,
    profile,
    condition,
  })
  if (!found) return null
  const isSeparated =
    profile.dielectric === 'brass'
      ? fittings.some(separates)
      : fittings.some(
          ({ kind, ends }) =>
            kind === 'dielectric union' ||
            ends.some((end) => end.type !== 'thread' && methods[end.socket.method].isPlastic),
        )
  if (!isSeparated) return found
  return found.message === 'upstream' ? galvanicSays.caution('pits') : null
}

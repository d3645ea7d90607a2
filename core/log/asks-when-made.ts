import { countSundries } from '../build/sundries'
import type { MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'

/** What is asked of a joint when it is ticked as made, beside its mark. */
export interface AsksWhenMade {
  /** Whether the gauge goes on its ring. */
  readonly gauge: boolean
  /** Whether the ring that holds it was turned. */
  readonly ring: boolean
  /** The insert or liner that it needs; null where it needs none. */
  readonly insert: string | null
  /** How often this push-fit was used. */
  readonly uses: boolean
  /** How many turns the nut or the thread was given beyond hand-tight. */
  readonly turns: boolean
}

const ringed: ReadonlySet<MethodId> = new Set(['crimp', 'clamp'])
const turned: ReadonlySet<MethodId> = new Set(['compression', 'compression-pe', 'thread'])

/**
 * What a method asks for when a joint is made with it.
 *
 * @remarks for instance: push-fit on PEX: its ring, its insert, how often it was used
 */
export function asksWhenMade(method: MethodId, pipe: Pipe): AsksWhenMade {
  const parts = countSundries([{ method, pipe }]).map(({ label }) => label)
  return {
    gauge: ringed.has(method),
    ring: method === 'push-fit',
    insert: parts.find((label) => /insert|liner/.test(label)) ?? null,
    uses: method === 'push-fit',
    turns: turned.has(method),
  }
}

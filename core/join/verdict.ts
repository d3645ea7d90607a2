import type { Basis } from '../quantity/basis'
import type { MethodId } from '../methods/ids'
import type { Message } from '../quantity/words/message'

export const verdictKinds = ['fits', 'caution', 'refuse'] as const
export type VerdictKind = (typeof verdictKinds)[number]

/** What a figure or a rule rests on. */
export type RuleBasis = Basis | 'trade practice'

/** Why a rule says what it says. */
export interface Reason extends Message {
  readonly verdict: VerdictKind
  readonly basis: RuleBasis
}

/** What all rules together say of one method on one pipe. */
export interface Verdict {
  readonly method: MethodId
  readonly verdict: VerdictKind
  readonly reasons: readonly Reason[]
}

/**
 * The worst of several verdicts; `fits` when there is none.
 *
 * @example worstOf(['fits', 'caution']) // 'caution'
 */
export function worstOf(kinds: readonly VerdictKind[]): VerdictKind {
  if (kinds.includes('refuse')) return 'refuse'
  return kinds.includes('caution') ? 'caution' : 'fits'
}

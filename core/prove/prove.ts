import type { Catalogue } from '../catalogue/catalogue'
import { caseOf } from './case-of'
import type { Expected } from './inference/expected'
import type { Causes } from './inference/forward'
import { decidedAfter, judge } from './judge'
import { mlPerLitre } from './least-leak'
import { nextOf, type Next } from './next'
import { testProfileOf } from './profiles'
import { secondsOf, type Limit } from './profile'
import type { ProveRequest } from './prove-schema'
import { soundReadings } from './readings'
import type { ProofVerdict } from './verdict'

/** What moved the gauge; what nothing explains stands beside it, so that they add up. */
export type Cause = keyof Causes | 'unexplained'

export interface ProofAnswer {
  readonly verdict: ProofVerdict
  /** Chance that it leaks more than the least leak that matters. */
  readonly probability: number
  /** ml a minute out at the first pressure; less than nought where it runs in. */
  readonly leak: { readonly mlPerMinute: number; readonly low: number; readonly high: number }
  /** What each did to the pressure while nobody touched it, in bar. */
  readonly causes: readonly { readonly cause: Cause; readonly bar: number }[]
  /** What a tight system would show, and between which pressures. */
  readonly expected: readonly Expected[]
  /** By the standard's limits; null while its time is not up, or by looking alone. */
  readonly profile: { readonly passes: boolean | null; readonly limits: readonly Limit[] }
  /** Seconds at which the verdict stood for good; null where there is none. */
  readonly decidedAfter: number | null
  readonly next: Next
}

/** One that fails fails all; one that is not known leaves it open. */
function passesOf(limits: readonly Limit[]): boolean | null {
  if (limits.some(({ passes }) => passes === false)) return false
  return limits.every(({ passes }) => passes === true) ? true : null
}

/**
 * Whether a closed system is tight, by the balance of volume of what is in it: the chance of a leak that matters, its
 * size, what moved the gauge, and what the profile says by its letter.
 *
 * @param request its pipes are in the catalogue
 * @throws RangeError when more air is said to be in it than it holds
 * @remarks for instance: 10 m of 22 copper that cools by 0.4 K and falls by 0.6 bar: tight, though the profile fails it
 */
export function prove(catalogue: Catalogue, request: ProveRequest): ProofAnswer {
  const { test } = request
  const profile = testProfileOf(test)
  const sound = soundReadings(request.readings)
  const of = caseOf(catalogue, request, sound)
  const { system } = of.question
  const limits = profile.limits({ readings: sound, design: test.design, hasPlastic: system.hasPlastic })
  const judgement = judge(of)
  const { verdict, proof } = judgement
  const isTimeUp = (sound.at(-1)?.seconds ?? 0) >= secondsOf(profile.meta)
  const leak = proof?.leak ?? { middle: 0, low: 0, high: 0 }
  return {
    verdict,
    probability: proof?.chanceOut(1) ?? 0.5,
    leak: { mlPerMinute: leak.middle * mlPerLitre, low: leak.low * mlPerLitre, high: leak.high * mlPerLitre },
    causes: proof
      ? [
          ...(['leak', 'inflow', 'temperature', 'creep', 'air'] as const).map((cause) => ({
            cause,
            bar: proof.causes[cause],
          })),
          { cause: 'unexplained' as const, bar: proof.unexplained },
        ]
      : [],
    expected: proof?.expected ?? [],
    profile: { passes: passesOf(limits), limits },
    decidedAfter: verdict === 'undecided' ? null : decidedAfter(of, verdict),
    next: nextOf(of, judgement, isTimeUp),
  }
}

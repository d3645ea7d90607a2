import { follow, type Stretch, type Supposed } from './forward'
import type { TestSystem } from '../softness'
import type { Prepared } from './reading-evidence'
import { ownSpread } from '../supposed-softness'

/** Creep by the logarithm of time: from 0.05 to 0.25 of the wall's give with each tenfold. */
export const creepPrior = { mean: 0.13, deviation: 0.06 }
/** So far what is supposed is moved to see what it does. */
export const nudge = 0.01

/** What a tight system would show at a moment, and between which pressures it lies in 95 of 100 cases, in bar. */
export interface Expected {
  readonly seconds: number
  readonly bar: number
  readonly low: number
  readonly high: number
}

/** So many standard deviations hold 95 of 100 cases. */
const within95 = 1.96

/**
 * What a tight system would show: by the likeliest softness beforehand, as sure as that, its creep, the thermometer and the
 * gauge are.
 *
 * @param first pressure that all is reckoned from, in bar
 * @param seconds the moments, of which `stretches` lie between
 * @param among one or more suppositions
 * @remarks for instance: copper that warms by 1 K at 15 °C: 1.5 bar more, give or take a quarter of that
 */
export function expectedOf({
  system,
  first,
  stretches,
  seconds,
  among,
}: {
  readonly system: TestSystem
  readonly first: number
  readonly stretches: readonly Stretch[]
  readonly seconds: readonly number[]
  readonly among: readonly Pick<Prepared, 'supposition' | 'own' | 'covariance'>[]
}): Expected[] {
  const { supposition, own, covariance } = among.reduce((one, other) =>
    other.supposition.log > one.supposition.log ? other : one,
  )
  const creep = system.hasPlastic ? creepPrior.mean : 0
  const base: Supposed = { system: own, softer: supposition.softer, leak: 0, creep }
  const predict = (more: Partial<Supposed>) => follow({ ...base, ...more }, first, stretches).bar
  const bars = predict({})
  const slope = (moved: readonly number[], by: number, at: number) => (moved[at]! - bars[at]!) / by
  const [softer, creeping] = [predict({ softer: base.softer * (1 + nudge) }), predict({ creep: creep + nudge })]
  return seconds.map((moment, at) => {
    // Against the first reading, from which all is reckoned: what is off in both is off in neither.
    const apart = covariance[at]![at]! + covariance[0]![0]! - 2 * covariance[at]![0]!
    const deviation = Math.hypot(
      Math.sqrt(Math.max(0, apart)),
      slope(softer, Math.log(1 + nudge), at) * (supposition.spread / ownSpread),
      system.hasPlastic ? slope(creeping, nudge, at) * creepPrior.deviation : 0,
    )
    const bar = bars[at]!
    return { seconds: moment, bar, low: Math.max(0, bar - within95 * deviation), high: bar + within95 * deviation }
  })
}

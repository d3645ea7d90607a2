import type { TestSystem } from '../softness'
import type { Supposition } from '../supposed-softness'
import type { Unknown } from './fit'

/** Creep by the logarithm of time: from 0.05 to 0.25 of the wall's give with each tenfold. */
export const creepKnown = { mean: 0.13, deviation: 0.06, low: 0, high: 0.4 }
/** Of trapped air a part dissolves while the test runs. */
const dissolvedKnown = { mean: 0.07, deviation: 0.06, low: 0, high: 0.5 }
/** In so many minutes about two thirds of that. */
const dissolvingKnown = { mean: 13, deviation: 6, low: 4, high: 40 }
/** Pumping heats air by some kelvin more than the wall takes at once. */
const heatKnown = { mean: 1.5, deviation: 1.5, low: 0, high: 12 }

/** What is not known of any line, whatever runs out of it: how soft it is, how it creeps, what its air does. */
export function unknownsOf(system: TestSystem, { softer, spread }: Supposition): Unknown[] {
  const mean = Math.log(softer)
  return [
    { of: 'logSofter', mean, deviation: spread, low: mean - 6 * spread, high: mean + 6 * spread },
    ...(system.creepingWall > 0 ? [{ of: 'creep', ...creepKnown } as const] : []),
    ...(system.air > 0 && system.air < 1
      ? [{ of: 'dissolved', ...dissolvedKnown } as const, { of: 'dissolving', ...dissolvingKnown } as const]
      : []),
    ...(system.air === 1 ? [{ of: 'heat', ...heatKnown } as const] : []),
  ]
}

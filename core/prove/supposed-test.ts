import type { TrueTest } from './simulate'
import type { TestSystem } from './softness'

/** What a simulated gauge is told of the pipework that it stands on. */
export interface SupposedTest {
  leak: 'none' | 'weep' | 'leak'
  warming: 'still' | 'cools' | 'warms'
  air: boolean
  thermometer: boolean
}

/** Litres a minute, in metal; ten times as much with plastic, which gives more. */
const leaks = { none: 0, weep: 0.000_3, leak: 0.002 } as const
const inPlastic = 10
const warmings = { still: 0, cools: -0.6, warms: 0.6 } as const
const trapped = 0.002

/**
 * A test as a simulated gauge reads it: three hours, a reading a minute, a good gauge.
 *
 * @param bar pressure when it was raised
 * @remarks for instance: metal that leaks loses 2 ml a minute
 */
export const supposedTest = (system: TestSystem, bar: number, of: SupposedTest): TrueTest => ({
  system: of.air ? { ...system, air: trapped } : system,
  softer: 1,
  leak: leaks[of.leak] * (system.hasPlastic ? inPlastic : 1),
  creep: system.hasPlastic ? 0.1 : 0,
  bar,
  celsius: 15,
  warming: { kelvin: warmings[of.warming], minutes: 20 },
  sway: { kelvin: 0, minutes: 60 },
  gauge: { noise: 0.005, step: 0.01, dropOuts: 0 },
  thermometer: of.thermometer ? { lag: 0, minutes: 5 } : null,
  seconds: 3 * 3600,
  every: 60,
})

import type { TrueTest } from '../prove/simulate'
import type { TestSystem } from '../prove/softness'

/** For tests: a tight test of ten minutes at 15 °C, read every ten seconds by a gauge of hundredths, but for what is said. */
export const sampleTest = (system: TestSystem, more: Partial<TrueTest> = {}): TrueTest => ({
  system,
  softer: 1,
  leak: 0,
  creep: 0,
  bar: 6.6,
  celsius: 15,
  warming: { kelvin: 0, minutes: 30 },
  sway: { kelvin: 0, minutes: 30 },
  gauge: { noise: 0.005, step: 0.01, dropOuts: 0 },
  thermometer: { lag: 0, minutes: 10 },
  seconds: 620,
  every: 10,
  ...more,
})

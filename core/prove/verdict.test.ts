import { expect, it } from 'vitest'
import type { Proof } from './inference/infer'
import { verdictOf } from './verdict'

it('without a thermometer nothing is tight that has risen by more than half a kelvin makes', () => {
  const nothingRuns = {
    ...{ chanceOut: (times: number) => (times > 0 ? 0.001 : 0.1), chanceIn: () => 0.001 },
    ...{ halfKelvin: 0.3, leastLoss: 0.8, division: 0.02, causes: { creep: 0 } },
  } as unknown as Proof
  const risenBy = (bar: number, isRead: boolean) => {
    const readings = [8, 8 + bar].map((of, at) => ({ seconds: 600 * at, bar: of }))
    return verdictOf({ stretches: [readings] }, nothingRuns, isRead)
  }
  expect([risenBy(0.2, false), risenBy(0.4, false), risenBy(0.4, true), risenBy(-0.4, false)]).toEqual([
    ...['tight', 'undecided', 'tight', 'tight'],
  ])
})

import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { pipeId } from '../../testing/sample-run'
import { creepPrior, expectedOf } from './expected'
import { follow, stretchesOf } from './forward'
import { cholesky } from './gaussian'
import { systemOf } from '../softness'
import { ownSpread } from '../supposed-softness'

/** What a system shows at the end of a stretch, with a gauge and a thermometer that do not err. */
function shown(pipe: string, kelvin: number, spread: number) {
  const system = systemOf([{ pipe: catalogue.pipe(pipe)!, litres: 3 }], 0)
  const stretches = stretchesOf([
    { seconds: 0, celsius: 15 },
    { seconds: 540, celsius: 15 + kelvin },
  ])
  const none = [
    [0, 0],
    [0, 0],
  ]
  const among = [
    { supposition: { softer: 1, air: 0, log: 0, spread: spread * ownSpread }, own: system, covariance: none },
    { supposition: { softer: 3, air: 0, log: -5, spread: 1 }, own: system, covariance: none },
  ]
  const [first, last] = expectedOf({ system, first: 6, stretches, seconds: [0, 540], among })
  const creep = system.hasPlastic ? creepPrior.mean : 0
  return { first: first!, last: last!, bar: follow({ system, softer: 1, leak: 0, creep }, 6, stretches).bar[1]! }
}

describe('what a tight system would show', () => {
  it('copper that cools: by the likeliest softness, and a change as unsure as that softness', () => {
    const { first, last, bar } = shown(pipeId('EN 1057', '22', 0.9), -0.2, 0.1)
    expect(first).toEqual({ seconds: 0, bar: 6, low: 6, high: 6 })
    expect(last.bar).toBeCloseTo(bar, 9)
    // A tenth softer, a tenth less of a change; 1.96 of that in 95 of 100 cases.
    expect(last.high - last.bar).toBeCloseTo(1.96 * 0.1 * (6 - bar), 2)
    expect(last.bar - last.low).toBeCloseTo(last.high - last.bar, 9)
  })

  it('plastic that keeps its warmth creeps, by as much more or less as creep differs', () => {
    const { last, bar } = shown(pipeId('ASTM F876', '1/2', 'pex-b'), 0, 0)
    expect(bar).toBeLessThan(6)
    expect(last.high - last.bar).toBeCloseTo((1.96 * creepPrior.deviation * (6 - bar)) / creepPrior.mean, 2)
  })
})

it('a covariance that is none has no root', () => {
  expect(cholesky([[4]])).toEqual([expect.objectContaining({ 0: 2 })])
  for (const none of [
    [[0]],
    [[-1]],
    [
      [1, 2],
      [2, 1],
    ],
  ])
    expect(cholesky(none)).toBeNull()
})

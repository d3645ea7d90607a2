import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { pipeId } from '../../testing/sample-run'
import { courseOf } from './course'
import { expectedOf } from './expected'
import { follow, still } from './forward'
import { systemOf } from '../softness'
import { creepKnown } from './unknowns'

/** What a system shows at the end of a step, with a gauge and a thermometer that do not err. */
function shown(pipe: string, kelvin: number, spread: number) {
  const system = systemOf([{ pipe: catalogue.pipe(pipe)!, litres: 3 }], 0)
  const bins = [
    { seconds: 0, bar: 6, celsius: 15, count: 1 },
    { seconds: 540, bar: 5, celsius: 15 + kelvin, count: 1 },
  ]
  const course = courseOf(
    bins.map(({ seconds, celsius }) => ({ seconds, celsius })),
    6,
  )
  const none = { own: system, covariance: [[0]], lower: [], log: 0 }
  const prepared = [
    { ...none, supposition: { softer: 1, air: 0, log: 0, spread } },
    { ...none, supposition: { softer: 3, air: 0, log: -5, spread: 1 } },
  ]
  const [first, last] = expectedOf({
    bins,
    starts: [0],
    telling: [1],
    course,
    meanWarmth: 15,
    gauge: { scatter: 0, step: 0 },
    prepared,
  })
  const creep = system.hasPlastic ? creepKnown.mean : 0
  return { first: first!, last: last!, bar: follow({ ...still(system), creep }, 6, course)[1]! }
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
    const { last, bar } = shown(pipeId('ASTM F876', '1/2', 'pex-b'), 0, 1e-9)
    expect(bar).toBeLessThan(6)
    expect(last.high - last.bar).toBeCloseTo((1.96 * creepKnown.deviation * (6 - bar)) / creepKnown.mean, 2)
  })
})

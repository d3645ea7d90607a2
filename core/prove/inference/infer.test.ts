import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { randomStream } from '../../quantity/random-stream'
import { pipeId } from '../../testing/sample-run'
import { infer } from './infer'
import type { Reading } from '../readings'
import { sampleTest } from '../../testing/sample-test'
import { simulatedReadings } from '../simulate'
import { litresIn, systemOf } from '../softness'
import { suppositions } from '../supposed-softness'

const copper = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!
/** 3.205 l, of which one bar takes 0.21 ml. */
const tenMetres = systemOf([{ pipe: copper, litres: litresIn(copper, 10) }], 0)
/** A hundredth of a millilitre a minute: a bar in 21 minutes. */
const leastLeak = 1e-5

const proofOf = (readings: readonly Reading[]) =>
  infer({ system: tenMetres, knowsAir: true, leastLeak, celsius: 15, readings })
const simulated = (leak: number) => simulatedReadings(sampleTest(tenMetres, { leak }), randomStream(7))

describe('the chances of leaks', () => {
  it('add up to one, and are the less the larger the leak', () => {
    for (const leak of [0, 3e-5, 1e-3]) {
      const { chanceAbove } = proofOf(simulated(leak))
      expect(chanceAbove(-1)).toBeCloseTo(1, 9)
      expect(chanceAbove(4000 * leastLeak)).toBe(0)
      const sizes = Array.from({ length: 60 }, (_, at) => (leastLeak / 60) * 1.3 ** at)
      const chances = sizes.map(chanceAbove)
      chances.slice(1).forEach((chance, at) => expect(chance).toBeLessThanOrEqual(chances[at]!))
    }
  })

  it('a leak is where its interval says: as likely more as less than its middle, 95 in 100 between its ends', () => {
    for (const leak of [3e-5, 1e-4, 1e-3]) {
      const { chanceAbove, leak: found } = proofOf(simulated(leak))
      expect(found.low).toBeLessThanOrEqual(leak)
      expect(found.high).toBeGreaterThanOrEqual(leak)
      // As fine as the sizes that were weighed: 3 in the hundred apart, a few of them in all.
      expect(chanceAbove(found.low)).toBeGreaterThan(0.9)
      expect(chanceAbove(found.high)).toBeLessThan(0.1)
      expect(Math.abs(chanceAbove(found.middle) - 0.5)).toBeLessThan(0.25)
    }
  })

  it('of a tight line none is the likeliest, and a leak of twice the least is out of the question', () => {
    const { chanceAbove, leak, causes } = proofOf(simulated(0))
    expect([leak.low, leak.middle]).toEqual([0, 0])
    expect(chanceAbove(2 * leastLeak)).toBeLessThan(0.01)
    expect(Math.abs(causes.leak)).toBeLessThan(0.05)
  })
})

it('half a kelvin makes 0.75 bar in copper at 15 °C, and the least leak takes 0.47 in ten minutes', () => {
  const { halfKelvin, leastLoss } = proofOf(simulated(0))
  // Of the softness that fits best, which may be some tenths off the table's.
  expect(Math.abs(halfKelvin - 1.51 / 2)).toBeLessThan(0.12)
  // 0.1 ml, where a bar takes 0.214.
  expect(Math.abs(leastLoss - 0.1 / 0.214)).toBeLessThan(0.07)
})

it('without a stroke of the pump the softness is the table’s, give or take its doubt, seven tenths of it to each place', () => {
  const all = suppositions(tenMetres, { knowsAir: true, celsius: 15, bar: 6 })
  expect(all.reduce((sum, { log }) => sum + Math.exp(log), 0)).toBeCloseTo(1, 9)
  expect(all).toHaveLength(7)
  expect(all[3]).toMatchObject({ softer: 1, air: 0 })
  expect(Math.log(all.at(-1)!.softer)).toBeCloseTo(2.4 * tenMetres.doubt, 9)
  for (const { spread } of all) expect(spread).toBeCloseTo(0.7 * tenMetres.doubt, 9)
})

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
  infer({
    system: tenMetres,
    knowsAir: true,
    leastLeakOf: () => leastLeak,
    celsius: 15,
    stretches: [readings],
    earlier: [],
  })
const simulated = (leak: number) => simulatedReadings(sampleTest(tenMetres, { leak }), randomStream(7))

describe('the chances of leaks', () => {
  it('add up to one, and are the less the larger the leak', () => {
    for (const leak of [0, 3e-5, 1e-3]) {
      const { chanceOut, chanceIn } = proofOf(simulated(leak))
      expect(chanceOut(0) + chanceIn(0)).toBeLessThanOrEqual(1 + 1e-9)
      expect(chanceOut(4000)).toBe(0)
      const sizes = Array.from({ length: 60 }, (_, at) => 1.3 ** at / 60)
      const chances = sizes.map(chanceOut)
      chances.slice(1).forEach((chance, at) => expect(chance).toBeLessThanOrEqual(chances[at]!))
    }
  })

  it('a leak is where its range says', () => {
    for (const leak of [3e-5, 1e-4, 1e-3]) {
      const { chanceOut, leak: found } = proofOf(simulated(leak))
      expect(found.low).toBeLessThanOrEqual(leak)
      expect(found.high).toBeGreaterThanOrEqual(leak)
      expect(chanceOut((found.low * 0.9) / leastLeak)).toBeGreaterThan(0.9)
      expect(chanceOut(found.high / leastLeak)).toBeLessThan(0.1)
      expect(found.low <= found.middle && found.middle <= found.high).toBe(true)
    }
  })

  it('of a tight line none is the likeliest, and a leak of twice the least is out of the question', () => {
    const { chanceOut, leak, causes } = proofOf(simulated(0))
    expect(leak.middle).toBe(0)
    expect(Math.max(-leak.low, leak.high)).toBeLessThan(2 * leastLeak)
    expect(chanceOut(2)).toBeLessThan(0.01)
    expect(Math.abs(causes.leak)).toBeLessThan(0.05)
  })
})

describe('a flow that soon comes to where it stops', () => {
  // dp/dt = −q/(S V) √(over/over at first): what is left of the root falls evenly, until it stands.
  const standing = (first: number, level: number, minutesToLevel: number): Reading[] =>
    Array.from({ length: 41 }, (_, minute) => {
      const left = Math.max(0, 1 - minute / 2 / minutesToLevel) ** 2
      return { seconds: 30 * minute, bar: Number((level + (first - level) * left).toFixed(2)), celsius: 12 }
    })
  const found = (readings: readonly Reading[]) =>
    infer({
      ...{ system: tenMetres, knowsAir: false, leastLeakOf: () => leastLeak, celsius: 15, earlier: [] },
      pumped: { litres: 3.205 * 66.77e-6 * 2, from: 4, to: 6 },
      stretches: [readings],
    })
  /** Litres a minute at first: twice what the way to the level takes, over the minutes to it. */
  const flowAt = (bar: number, minutes: number) => (3.205 * 66.77e-6 * bar * 2) / minutes

  it('out: the gauge falls and then stands', () => {
    for (const minutes of [2, 4, 7]) {
      const { explanation, misfit, leak } = found(standing(9, 6.3, minutes))
      expect([explanation, misfit < 4]).toEqual(['closing-leak', true])
      expect([leak.low < flowAt(2.7, minutes), leak.high > flowAt(2.7, minutes)]).toEqual([true, true])
    }
  })

  it('in: the gauge rises to the main’s pressure and stands', () => {
    for (const minutes of [2, 4, 7]) {
      const { explanation, misfit, leak } = found(standing(5.6, 8.4, minutes))
      expect([explanation, misfit < 4]).toEqual(['inflow', true])
      expect([leak.low < -flowAt(2.8, minutes), leak.high > -flowAt(2.8, minutes)]).toEqual([true, true])
    }
  })
})

it('half a kelvin makes 0.75 bar in copper at 15 °C, and the least leak takes 0.47 in ten minutes', () => {
  const { halfKelvin, leastLoss } = proofOf(simulated(0))
  // Of the softness that fits best, which may be some tenths off the table's.
  expect(Math.abs(halfKelvin - 1.51 / 2)).toBeLessThan(0.12)
  // 0.1 ml, where a bar takes 0.214.
  expect(Math.abs(leastLoss - 0.1 / 0.214)).toBeLessThan(0.07)
})

it('two stretches of one leak say as much together, and the pump between them is no cause', () => {
  const one = simulatedReadings(sampleTest(tenMetres, { leak: 1e-4, seconds: 300 }), randomStream(3))
  const two = simulatedReadings(sampleTest(tenMetres, { leak: 1e-4, seconds: 300 }), randomStream(4))
  const both = infer({
    ...{ system: tenMetres, knowsAir: true, leastLeakOf: () => leastLeak, celsius: 15, earlier: [] },
    stretches: [one, two.map((of) => ({ ...of, seconds: of.seconds + 310 }))],
  })
  expect(both.explanation).toBe('leak')
  expect([both.leak.low < 1e-4, both.leak.high > 1e-4]).toEqual([true, true])
  const fallen = one[0]!.bar - one.at(-1)!.bar + two[0]!.bar - two.at(-1)!.bar
  const explained = Object.values(both.causes).reduce((sum, of) => sum + of, 0) + both.unexplained
  expect(explained).toBeCloseTo(-fallen, 1)
})

describe('how soft a system may be', () => {
  const known = { celsius: 15, bar: 6 }
  it('where air is not known, what matters is reckoned with the air that there may be, and half a kelvin as without any', () => {
    const readings = simulated(0)
    const unknown = { system: tenMetres, knowsAir: false, celsius: 15, stretches: [readings], earlier: [] }
    const proofBy = (leastLeakOf: (air: number) => number) => infer({ ...unknown, leastLeakOf })
    const [same, more] = [proofBy(() => leastLeak), proofBy((air) => leastLeak * (1 + 1000 * air))]
    expect(more.chanceOut(1)).toBeLessThan(same.chanceOut(1))
    expect(more.chanceOut(0)).toBeCloseTo(same.chanceOut(0), 12)
    // 1.51 bar a kelvin at 15 °C, in 10 m of 22 × 0.9.
    expect(more.halfKelvin).toBeCloseTo(0.757, 2)
  })

  it('without a stroke of the pump as the table says, give or take its doubt; with air, where nobody knows of any', () => {
    const [only] = suppositions(tenMetres, { ...known, knowsAir: true })
    expect(only).toEqual({ softer: 1, air: 0, log: 0, spread: tenMetres.doubt })
    const all = suppositions(tenMetres, { ...known, knowsAir: false })
    expect(all.reduce((sum, { log }) => sum + Math.exp(log), 0)).toBeCloseTo(1, 9)
    expect(all[0]).toMatchObject({ softer: 1, air: 0, log: Math.log(0.65) })
  })
  it('by a stroke as it says: trapped air along its curve from the first pressure to the last', () => {
    // From 1 to 6 bar 3.205 l give 5 × 66.77e-6 of themselves: 1.07 ml; twice that is twice as soft.
    const pumped = { litres: 2 * 3.205 * 5 * 66.77e-6, from: 1, to: 6 }
    expect(suppositions(tenMetres, { ...known, knowsAir: true, pumped })[0]!.softer).toBeCloseTo(2, 2)
    // A thousandth of air under 6 bar takes 0.001 × 7.013 × (1/2.013 − 1/7.013) of the content beside 5 × 66.7e-6.
    const airy = { ...tenMetres, air: 1e-3 }
    const give = 7.013e-3 * (1 / 2.013 - 1 / 7.013) + 0.999 * 5 * 66.77e-6
    const stroke = { ...pumped, litres: 3.205 * give }
    expect(suppositions(airy, { ...known, knowsAir: true, pumped: stroke })[0]!.softer).toBeCloseTo(1, 2)
  })
})

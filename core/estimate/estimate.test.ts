import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { roughIn } from '../patterns/calls/rough-in'
import { speakerIn } from '../speech'
import { notInSum } from './estimate-words'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCosts } from '../workshop/costs'
import { profileWith } from '../workshop/profile'
import { shippedRates } from '../workshop/rates'
import { estimate, type EstimateAsked } from './estimate'

const costs = { ...shippedCosts, hour: 60 }
const profile = profileWith('metric', undefined)
/** Two legs of 15 copper between two caps, with an elbow: four joints, two pieces. */
const plan = planJob(
  sampleJob({
    pipe: pipeId('EN 1057', '15', 0.7),
    method: 'solder',
    legs: [
      ['cap:a', 'east', 700, 'elbow:b'],
      ['b', 'north', 700, 'cap:c'],
    ],
  }),
  catalogue,
)
const asked = (change: Partial<EstimateAsked> = {}): EstimateAsked => ({
  costs,
  rates: { ...shippedRates, priceSpread: 0, timeSpread: 0, margin: 0, tax: 0 },
  profile,
  minutes: new Map(),
  visits: 1,
  owned: new Set(),
  ...change,
})

describe('what a job costs', () => {
  it('adds up by hand: pipe by the length bought, fittings, small things, clips, minutes, travel', () => {
    const { solder } = costs.methods
    const sum = estimate(catalogue, plan, asked())
    // 1.4 m of it is used, and a length of 3 m bought, at 6 a metre.
    expect(sum.from.material.pipe).toBeCloseTo(18, 6)
    // A coupling has two ends of this price; a cap one, times 0.7, an elbow two, times 1.6.
    expect(sum.from.material.fittings).toBeCloseTo(2 * 0.7 * (solder.fitting / 2) + 1.6 * solder.fitting, 1)
    expect(sum.from.material.small).toBeCloseTo(4 * solder.consumables, 6)
    const clips = plan.clipCounts.reduce((count, of) => count + of.count, 0)
    expect(sum.from.material.clips).toBeCloseTo(clips * 0.6, 6)
    expect(sum.from.labour.joints).toEqual({ low: 4 * solder.minutes, high: 4 * solder.minutes })
    expect(sum.from.labour.cutting.low).toBe(2 * 3 + clips * 2)
    expect(sum.from.labour.watch.low).toBe(profile.fireWatch)
    // At 60 an hour a minute is one.
    const { joints, cutting, water, watch } = sum.from.labour
    expect(sum.work.low).toBeCloseTo(joints.low + cutting.low + water.low + watch.low, 6)
    expect(sum.total.low).toBeCloseTo(sum.material.low + sum.work.low + 25, 6)
    expect(sum.total).toEqual({ low: sum.total.high, high: sum.total.high })
  })

  it('leaves a fixture out of the sum and says so, until the workshop has its price', () => {
    const ids = (prefix: string) => `${prefix}${(last += 1)}`
    let last = 0
    const job = roughIn.draw({ fixture: 'basin' }, { ...{ catalogue, costs, units: 'metric', title: 'Basin' }, ids })
    const basin = planJob(job, catalogue)
    const without = estimate(catalogue, basin, asked())
    // What ties into the old pipe is a coupling like any other, and has its price.
    expect(basin.fittings.map(({ item }) => item)).toContain('15 solder × 15 solder coupling')
    expect(notInSum(without, speakerIn('metric'))).toBe('Not in the sum, since nobody priced it: wash basin.')
    const priced = estimate(catalogue, basin, asked({ prices: { 'fixture: wash basin': { price: 85 } } }))
    expect(priced.material.low - without.material.low).toBeCloseTo(85, 6)
    expect(notInSum(priced, speakerIn('imperial'))).toBe('')
  })

  it('takes the merchant’s own price of an item before what is reckoned', () => {
    const [fitting] = plan.fittings
    const pipe = plan.stock[0]!.pipe
    const plain = estimate(catalogue, plan, asked()).from.material
    const own = estimate(catalogue, plan, asked({ prices: { [pipe]: { price: 10 }, [fitting!.item]: { price: 7 } } }))
    expect(own.from.material.pipe).toBeCloseTo(30, 6)
    const reckoned = estimate(catalogue, plan, asked({ prices: { [fitting!.item]: { price: 0 } } })).from.material
    expect(own.from.material.fittings).toBeCloseTo(reckoned.fittings + 7 * fitting!.count, 6)
    const clip = plan.clipCounts[0]!
    const withClips = estimate(catalogue, plan, asked({ prices: { [clip.item]: { price: 2 } } })).from.material
    expect(withClips.clips - plain.clips).toBeCloseTo((2 - 0.6) * clip.count, 6)
  })

  it('puts the margin on each part and the tax on all', () => {
    const plain = estimate(catalogue, plan, asked())
    const sum = estimate(catalogue, plan, asked({ rates: { ...asked().rates, margin: 15, tax: 20 } }))
    expect(sum.material.low).toBeCloseTo(plain.material.low * 1.15, 6)
    expect(sum.tax.low).toBeCloseTo(plain.total.low * 1.15 * 0.2, 6)
    expect(sum.total.low).toBeCloseTo(plain.total.low * 1.15 * 1.2, 6)
  })

  it('hires the tool that a method needs by the visit, unless it is owned', () => {
    const press = planJob(
      sampleJob({
        pipe: pipeId('EN 1057', '15', 0.7),
        method: 'press-metal',
        legs: [['cap:a', 'east', 700, 'cap:b']],
      }),
      catalogue,
    )
    const hired = estimate(catalogue, press, asked({ visits: 2 }))
    expect(hired.from.hired).toEqual(['press-metal'])
    expect(hired.hire.low).toBeCloseTo(2 * 0.08 * costs.methods['press-metal'].tool, 6)
    expect(hired.from.labour.watch.low, 'nothing is hot').toBe(0)
    const cheap = { ...asked().rates, hireFrom: costs.methods['press-metal'].tool + 1 }
    expect(estimate(catalogue, press, asked({ rates: cheap })).from.hired, 'every van has it').toEqual([])
    const owned = estimate(catalogue, press, asked({ owned: new Set(['press-metal' as const]) }))
    expect([owned.from.hired, owned.hire.low]).toEqual([[], 0])
  })

  it('leaves out of the sum what nobody priced, and names it', () => {
    const odd = planJob(
      sampleJob({
        pipe: pipeId('EN 1057', '15', 0.7),
        method: 'solder',
        legs: [['cap:a', 'east', 700, 'outlet:o']],
        nodes: { o: { fitting: { by: 'name', name: 'swan neck spout' } } },
      }),
      catalogue,
    )
    expect(estimate(catalogue, odd, asked()).from.material.unpriced).toEqual(['swan neck spout'])
  })

  it('property: the range narrows with every minute really taken as planned, and holds what comes of it', () => {
    const ids = plan.joints.map(({ id }) => id)
    const wide = asked({ rates: { ...shippedRates } })
    const before = estimate(catalogue, plan, wide)
    fc.assert(
      fc.property(fc.subarray(ids, { minLength: 1 }), (taken) => {
        const minutes = new Map(taken.map((id) => [id, costs.methods.solder.minutes]))
        const after = estimate(catalogue, plan, { ...wide, minutes })
        expect(after.from.labour.taken).toBe(taken.length)
        expect(after.total.high - after.total.low).toBeLessThan(before.total.high - before.total.low)
        expect(after.total.low).toBeGreaterThanOrEqual(before.total.low)
        expect(after.total.high).toBeLessThanOrEqual(before.total.high)
      }),
    )
  })
})

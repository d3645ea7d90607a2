import { describe, expect, it } from 'vitest'
import cedar from '../../demo/cedar-kiln-studio.json'
import { shippedCatalogue } from '../catalogue/catalogue'
import { readJob } from '../job/read-job'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCosts } from '../workshop/costs'
import { shippedRates, type Rates } from '../workshop/rates'
import { timeOfJob } from './time-of-job'

const read = readJob(cedar, shippedCatalogue)
if (!read.ok) throw new Error('the demo job cannot be read')
const { job } = read
const plan = planJob(job, shippedCatalogue)
const timeBy = (rates: Partial<Rates>, minutes: ReadonlyMap<string, number> = new Map()) =>
  timeOfJob(shippedCatalogue, job, plan, {
    costs: shippedCosts,
    rates: { ...shippedRates, ...rates },
    celsius: 15,
    minutes,
  })!

describe('how long a job takes', () => {
  it('cuts and clips before the water goes off: that moves it, and makes it no longer', () => {
    const without = timeBy({ pieceMinutes: 0, clipMinutes: 0 })
    const withCuts = timeBy({ pieceMinutes: 3, clipMinutes: 0 })
    const more = 3 * plan.pieces.length
    expect(plan.pieces.length).toBeGreaterThan(3)
    expect(withCuts.whole).toBe(without.whole + more)
    expect(withCuts.off).toEqual({ from: without.off!.from + more, to: without.off!.to + more })
  })

  it('takes what a step really took in place of what was planned', () => {
    const planned = timeBy({})
    const real = timeBy({}, new Map([['water/drain', 40]]))
    expect(real.off!.to - real.off!.from).toBeGreaterThan(planned.off!.to - planned.off!.from)
    expect(real.off!.from).toBe(planned.off!.from)
  })

  it('says when one may go elsewhere: while cement sets before the water comes back', () => {
    const glued = sampleJob({
      ...{ pipe: pipeId('ASTM D2846', '3/4'), method: 'solvent', profile: 'us-a' },
      legs: [
        ['tie-in:s', 'east', 500, 'elbow:e'],
        ['elbow:e', 'up', 400, 'cap:c'],
      ],
      nodes: { s: { existing: pipeId('ASTM D2846', '3/4') } },
    })
    const asked = { costs: shippedCosts, rates: shippedRates, celsius: 15, minutes: new Map<string, number>() }
    const time = timeOfJob(shippedCatalogue, glued, planJob(glued, shippedCatalogue), asked)!
    // Two hours until water may stand on it, and the water is off meanwhile.
    expect(time.waits.map(({ from, to }) => to - from)).toEqual([120])
    expect(time.waits[0]!.from).toBeGreaterThan(time.off!.from)
    expect(time.waits[0]!.to).toBeLessThan(time.off!.to)
    expect(time.idle).toBe(120)
  })
})

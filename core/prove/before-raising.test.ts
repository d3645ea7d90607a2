import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../methods/ids'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { said } from '../testing/said'
import { beforeRaising, keepAway, ratedBar, storedJoules, weakestPart } from './before-raising'
import { testProfileOf, type TestProfileId } from './profiles'

const [copper, multilayer] = [pipeId('EN 1057', '22', 0.9), pipeId('EN ISO 21003', '16')]
const pex = 'pex-b-astm-f876-sdr9-cts-1-2'
const under = (pipe: string, method: MethodId) => {
  const job = sampleJob({
    pipe,
    method,
    legs: [
      ['cap:a', 'east', 10_000, 'elbow:b'],
      ['elbow:b', 'north', 1000, 'cap:c'],
    ],
  })
  return { job, plan: planJob(job, catalogue) }
}
const before = (of: ReturnType<typeof under>, design: number, profile: TestProfileId = 'en806-a') => {
  const { meta } = testProfileOf({ profile })
  const { refusals, notes } = beforeRaising(catalogue, of, { meta, design, medium: meta.media[0]! })
  return { refusals: refusals.map((message) => said(message)), notes: notes.map((message) => said(message)) }
}

describe('how high the gauge stands', () => {
  const { meta } = testProfileOf({ profile: 'en806-a' })
  const raised = (of: ReturnType<typeof under>, design: number, above: number) => {
    const { refusals, notes } = beforeRaising(catalogue, of, { meta, design, medium: 'water', above })
    return [refusals.length, ...notes.map((message) => said(message))]
  }

  it('3 m up makes 0.29 bar more at the lowest pipe, and below it less: 9.9 shown, 10.19 there', () => {
    const line = under(copper, 'solder')
    expect(raised(line, 9, 3000)).toEqual([
      0,
      'the gauge stands 3 000 mm above the lowest pipe: 10.19 bar there, 10.19 bar at the highest',
    ])
    expect(raised(line, 9, -3000)[1]).toContain('below the lowest pipe: 9.61 bar there')
    expect(raised(line, 9, 200)).toEqual([0])
  })

  it('counts where the weakest part may stand lowest: 10.9 shown is borne by multilayer, 11.2 below it is not', () => {
    const line = under(multilayer, 'press-multilayer')
    expect([raised(line, 9.9, 0)[0], raised(line, 9.9, 3000)[0], raised(line, 9.9, -3000)[0]]).toEqual([0, 1, 0])
  })

  it('the highest pipe has less by what rises; where nobody knows how high it stands, nothing is said of it', () => {
    const riser = (length: number | null) => {
      const job = sampleJob({
        pipe: copper,
        method: 'solder',
        legs: [
          ['cap:a', 'east', 1000, 'elbow:b'],
          ['elbow:b', 'up', 5000, 'cap:c'],
        ],
      })
      const legs = job.legs.map((leg, at) => (at === 1 ? { ...leg, length } : leg))
      const of = length === null ? { ...job, legs: legs.map((leg) => ({ ...leg, state: 'existing' as const })) } : job
      return { job: of, plan: planJob(of, catalogue) }
    }
    expect(raised(riser(5000), 9, 2000)[1]).toContain('10.10 bar there, 9.61 bar at the highest')
    expect(raised(riser(null), 9, 2000)[1]).toMatch(/10.10 bar there$/)
  })
})

describe('what a part bears', () => {
  it('half-inch PEX of SDR 9 bears 10.9 bar cold, multilayer 10, copper more than what joins it', () => {
    const rated = (id: string) => ratedBar(catalogue.pipe(id)!)
    // 20 × 4.34 × 1.778 / 14.097.
    expect(rated(pex)).toBeCloseTo(10.95, 2)
    expect([rated(multilayer), rated(copper)]).toEqual([10, null])
    // PN 20, 16 and 10 of PP-R by its three walls: SDR 6, 7.4, 11.
    const ppR = catalogue.pipes.filter(({ material }) => material === 'pp-r')
    for (const pipe of ppR) expect(ratedBar(pipe)! * (pipe.od / pipe.wall - 1)).toBeCloseTo(100, 9)
  })

  it('the weakest is a pipe, or the fittings of a method', () => {
    expect(weakestPart(catalogue, under(copper, 'solder'))).toBeNull()
    expect(weakestPart(catalogue, under(copper, 'push-fit'))).toEqual({
      part: 'Push-fit fittings',
      rated: 10,
      most: 11,
    })
    expect(weakestPart(catalogue, under(multilayer, 'press-multilayer'))?.rated).toBe(10)
    expect(weakestPart(catalogue, { ...under(multilayer, 'press-multilayer'), scope: { runs: ['none'] } })).toBeNull()
  })
})

describe('before a line is raised', () => {
  it('what is rated 10 bar is tested at 11, and not at more', () => {
    const of = under(multilayer, 'press-multilayer')
    expect(before(of, 10).refusals).toEqual([])
    const [refusal] = before(of, 10.1).refusals
    expect(refusal).toContain('11.11 bar is too much for')
    expect(refusal).toContain('tested at 11.00 bar at most')
    expect(before(under(copper, 'solder'), 16).refusals).toEqual([])
  })

  it('air is refused on plastic; in metal it is said what it stores', () => {
    expect(before(under(multilayer, 'press-multilayer'), 5, 'model-code-air').refusals).toEqual([
      expect.stringContaining('no air on plastic'),
    ])
    const { refusals, notes } = before(under(copper, 'solder'), 5, 'model-code-air')
    expect(refusals).toEqual([])
    // 11 m of 22 hold 3.53 litres: 4.46 bar × 3.53 × ln 4.40 × 100.
    expect(notes).toEqual([expect.stringContaining('air stores about 2330 J')])
    expect(storedJoules(3.526, 3.447)).toBe(2330)
    // 20 × the third root of 0.00199 is 2.51 m; of a thousandth of that energy a tenth as far.
    expect([keepAway(4240), keepAway(4_240_000), keepAway(0)]).toEqual([3000, 26_000, 0])
    expect(before(under(copper, 'solder'), 5).notes).toEqual([])
  })
})

import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { pipeId, sampleJob } from '../testing/sample-run'
import { drainings, secondsToRunOff, waterInAll } from './draining'

const copper = { pipe: pipeId('EN 1057', '22', 0.9), method: 'solder' } as const

describe('draining', () => {
  it('10 m of 22 copper to a low and a high outlet hold 3.205 l and run off at the low one', () => {
    const [of] = drainings(
      catalogue,
      sampleJob({
        ...copper,
        legs: [
          ['tie-in:s', 'east', 4000, 'tee:t'],
          ['tee:t', 'up', 2000, 'outlet:basin'],
          ['tee:t', 'east', 4000, 'outlet:drain'],
        ],
        nodes: { basin: { name: 'basin' }, drain: { name: 'drain cock' } },
      }),
    )
    expect(of).toMatchObject({ shut: ['tie-in'], lowest: 'drain cock', highest: 'basin', keeps: [], buckets: 1 })
    expect(of!.litres).toBeCloseTo(3.205, 3)
    expect(of!.runsOff).toBeCloseTo(3.205, 3)
    // 3.205 l by 0.2087 l a second.
    expect(of!.seconds).toBeCloseTo(15.4, 1)
    expect(waterInAll([of!, of!])).toEqual({ litres: 6.41, runsOff: 6.41 })
  })

  it('where nothing feeds it, its valves are shut, and nothing else is', () => {
    const [of] = drainings(
      catalogue,
      sampleJob({
        ...copper,
        legs: [
          ['open:s', 'east', 500, 'valve:v'],
          ['v', 'east', 500, 'elbow:a'],
          ['a', 'down', 900, 'outlet:e'],
        ],
        nodes: { v: { name: 'stop valve' } },
      }),
    )
    expect(of!.shut).toEqual(['stop valve'])
  })

  it('runs off by what stands between its highest and its lowest outlet, wherever it begins', () => {
    const legs = [
      ['tie-in:s', 'down', 1500, 'tee:t'],
      ['tee:t', 'east', 6000, 'outlet:low'],
      ['tee:t', 'north', 500, 'elbow:a'],
      ['elbow:a', 'up', 2000, 'outlet:high'],
    ] as const
    const [of] = drainings(catalogue, sampleJob({ ...copper, legs }))
    expect(of!.seconds).toBeCloseTo(secondsToRunOff(of!.runsOff, 2000), 9)
    // Beyond upright pipe that nobody measured one of the two heights is unknown, and with it the time.
    const job = sampleJob({ ...copper, legs })
    const unmeasured = job.legs.map((leg) =>
      leg.id === 'l4' ? { ...leg, state: 'existing' as const, length: null } : leg,
    )
    expect(drainings(catalogue, { ...job, legs: unmeasured })[0]!.seconds).toBeNull()
  })

  it('a dip keeps its water: 1 m along and 300 mm of either upright', () => {
    const [of] = drainings(
      catalogue,
      sampleJob({
        ...copper,
        legs: [
          ['tie-in:s', 'down', 300, 'elbow:a'],
          ['elbow:a', 'east', 1000, 'elbow:b'],
          ['elbow:b', 'up', 300, 'outlet:e'],
        ],
      }),
    )
    expect(of!.keeps).toEqual([{ where: 'elbow 1', litres: expect.closeTo(0.513, 3) }])
    expect([of!.runsOff, of!.seconds, of!.buckets]).toEqual([0, 0, 0])
  })

  it('what lies below the only outlet stays, however the supply leads on: 1.5 m along and 0.7 m up', () => {
    const [of] = drainings(
      catalogue,
      sampleJob({
        ...copper,
        legs: [
          ['open:s', 'east', 1500, 'elbow:a'],
          ['elbow:a', 'up', 700, 'outlet:e'],
        ],
      }),
    )
    // 2.2 m of 0.3205 l.
    expect(of!.keeps.map(({ litres }) => litres)).toEqual([expect.closeTo(0.705, 3)])
    expect([of!.runsOff, of!.buckets]).toEqual([0, 0])
  })

  it('without an outlet nothing runs off, and existing pipe of no known length is not counted', () => {
    const job = sampleJob({ ...copper, legs: [['cap:s', 'east', 1000, 'cap:e']] })
    expect(drainings(catalogue, job)[0]).toMatchObject({
      lowest: null,
      highest: null,
      runsOff: 0,
      seconds: 0,
      buckets: 0,
    })
    const there = {
      ...job,
      legs: [{ ...job.legs[0]!, state: 'existing' as const, length: null }],
    }
    expect(drainings(catalogue, there)[0]!.litres).toBe(0)
  })

  it('is told in buckets of ten litres, or of five gallons', () => {
    const main = sampleJob({ ...copper, legs: [['outlet:a', 'down', 60_000, 'outlet:b']] })
    const [metric, imperial] = (['metric', 'imperial'] as const).map(
      (units) => drainings(catalogue, { ...main, units })[0]!,
    )
    // 60 m of 0.3205 l are 19.23 l: a second bucket; five gallons are 18.927 l, and a second bucket too.
    expect([metric!.bucket, metric!.buckets]).toEqual([10, 2])
    expect([imperial!.bucket, imperial!.buckets]).toEqual([expect.closeTo(18.927, 3), 2])
    const shorter = { ...main, units: 'imperial' as const, legs: [{ ...main.legs[0]!, length: 59_000 }] }
    expect(drainings(catalogue, shorter)[0]!.buckets).toBe(1)
  })

  it('10 l under a head of 2 m take 48 s, and twice as much twice as long', () => {
    expect(secondsToRunOff(10, 2000)).toBeCloseTo(47.9, 1)
    expect(secondsToRunOff(20, 2000)).toBeCloseTo(95.8, 1)
    // Under next to no head it still takes an end.
    expect(secondsToRunOff(10, 0)).toBeCloseTo(151.5, 1)
  })
})

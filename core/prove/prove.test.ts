import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { randomStream } from '../quantity/random-stream'
import { pipeId, sampleJob } from '../testing/sample-run'
import { said } from '../testing/said'
import { follow, stretchesOf } from './inference/forward'
import { segmentsUnderTest } from './plan-system'
import { prove } from './prove'
import type { ProveRequest } from './prove-schema'
import { binned, gaugeCovariance, gaugeErrorOf, sinceRaised, soundReadings, type Reading } from './readings'
import { sampleTest } from '../testing/sample-test'
import { simulatedReadings, type TrueTest } from './simulate'
import { litresIn, softness, systemOf, thermalGain } from './softness'
import { compressibilityOfWater, density, expansionOfWater } from './water'

const copperId = pipeId('EN 1057', '22', 0.9)
const copper = catalogue.pipe(copperId)!
const pex = catalogue.pipe('pex-b-astm-f876-sdr9-cts-1-2')!
const tenMetres = systemOf([{ pipe: copper, litres: litresIn(copper, 10) }], 0)

describe('water', () => {
  it('is as it was published', () => {
    expect(density(4)).toBeCloseTo(999.972, 3)
    expect(density(20)).toBeCloseTo(998.204, 3)
    expect(expansionOfWater(15) * 1e6).toBeCloseTo(150.9, 1)
    expect(Math.abs(expansionOfWater(4)) * 1e6).toBeLessThan(0.5)
    expect([20, 80].map((celsius) => Math.round(compressibilityOfWater(celsius) * 1e8) / 100)).toEqual([45.89, 46.14])
  })
})

describe('how soft a system is', () => {
  it('10 m of 22 copper hold 3.205 l: one kelvin makes 1.51 bar at 15 °C, and takes 0.27 at 6 °C', () => {
    expect(tenMetres.litres).toBeCloseTo(3.205, 3)
    expect(softness(tenMetres, 15, 6) * 1e6).toBeCloseTo(66.77, 2)
    expect(thermalGain(tenMetres, 15).water / softness(tenMetres, 15, 6)).toBeCloseTo(1.51, 2)
    // A fifth air: the water's share of its growth, and a 1/288.15 of the air.
    const aired = thermalGain({ ...tenMetres, air: 0.2 }, 15)
    expect(aired.water).toBeCloseTo(0.8 * expansionOfWater(15) - 3 * tenMetres.wallExpansion, 12)
    expect(aired.air).toBeCloseTo(0.2 / 288.15, 12)
    expect(thermalGain(tenMetres, 6).water / softness(tenMetres, 6, 6)).toBeCloseTo(-0.27, 2)
    // One bar is 0.21 ml.
    expect(softness(tenMetres, 15, 6) * tenMetres.litres * 1000).toBeCloseTo(0.21, 2)
  })

  it('30 m of half-inch PEX hold 3.576 l, give 4.5 ml a bar, and warming lowers the gauge', () => {
    const system = systemOf([{ pipe: pex, litres: litresIn(pex, 30) }], 0)
    expect(system.litres).toBeCloseTo(3.576, 2)
    // With 0.7 GPa for PEX-B, where the worked example has 0.65: 1180 beside 1265.
    expect(softness(system, 15, 6) * 1e6).toBeCloseTo(47 + (15.875 - 1.778) / (7000 * 1.778) / 1e-6, -1)
    expect(thermalGain(system, 15).water / softness(system, 15, 6)).toBeCloseTo(-0.33, 1)
    expect(system.hasPlastic).toBe(true)
    expect(system.doubt).toBeCloseTo(0.4, 6)
  })

  it('of several pipes the mean by content; air softens as it is compressed', () => {
    const both = systemOf(
      [
        { pipe: copper, litres: 3 },
        { pipe: pex, litres: 1 },
      ],
      0,
    )
    const one = (pipe: typeof copper) => systemOf([{ pipe, litres: 1 }], 0).wall
    expect(both.wall).toBeCloseTo((3 * one(copper) + one(pex)) / 4, 12)
    const airy = systemOf([{ pipe: copper, litres: 1 }], 0.001)
    expect(systemOf([{ pipe: copper, litres: 5 }], 0.5).air).toBeCloseTo(0.1, 12)
    // As doubtful as the plastic where it gives all the way, as the metal where that does.
    expect(systemOf([{ pipe: pex, litres: 1 }], 0).doubt).toBeCloseTo(0.4, 9)
    expect(systemOf([{ pipe: copper, litres: 1 }], 0).doubt).toBeCloseTo(0.15, 9)
    expect(softness(airy, 15, 0) - softness(airy, 15, 10)).toBeCloseTo(0.001 / 1.013 - 0.001 / 11.013, 9)
    expect(() => systemOf([], 0)).toThrow(/at least one pipe/)
    expect(() => systemOf([{ pipe: copper, litres: 1 }], 1)).toThrow(/less than the content/)
  })
})

describe('what follows from a leak', () => {
  const moments = (seconds: number, every = 1) =>
    Array.from({ length: seconds / every + 1 }, (_, at) => ({ seconds: at * every, celsius: 15 }))
  const supposed = { system: tenMetres, softer: 1, creep: 0 }

  it('0.1 ml a minute takes nearly half a bar a minute from 10 m of 22 copper', () => {
    const { bar, causes } = follow({ ...supposed, leak: 1e-4 }, 6, stretchesOf(moments(60)))
    // 1e-4 l over 3.205 l × 66.77e-6: 0.467 at 6 bar, a little less as it falls.
    expect(bar.at(-1)).toBeCloseTo(6 - 0.458, 2)
    expect(causes.leak).toBeCloseTo(bar.at(-1)! - 6, 6)
  })

  it('never goes below nothing, and cooling by a kelvin takes what the softness says', () => {
    expect(follow({ ...supposed, leak: 1 }, 6, stretchesOf(moments(60))).bar.at(-1)).toBe(0)
    const cooled = stretchesOf([
      { seconds: 0, celsius: 15.5 },
      { seconds: 600, celsius: 14.5 },
    ])
    const { bar, causes } = follow({ ...supposed, leak: 0 }, 6, cooled)
    expect(6 - bar[1]!).toBeCloseTo(1.51, 2)
    expect(causes).toMatchObject({ leak: 0, creep: 0, air: 0 })
  })

  it('water gives and grows by its own share of the content, beside the air', () => {
    // A fifth air, and figures large enough to tell the shares apart: 0.8 × 0.1 and 0.2 / 7.013 give way.
    const system = { ...tenMetres, air: 0.2, wall: 0, wallExpansion: 0, litres: 1 }
    const stretch = { minutes: 1, warming: 0, celsius: 15, waterExpansion: 1e-3, waterGives: 0.1, creepClock: 0 }
    const give = 0.8 * 0.1 + 0.2 / 7.013
    const leaking = follow({ system, softer: 1, leak: 1e-5, creep: 0 }, 6, [stretch]).bar[1]!
    expect(6 - leaking).toBeCloseTo(1e-5 / give, 8)
    // One kelvin: 0.8 of 1e-3, and a fifth of 1/288.15.
    const warmed = follow({ system, softer: 1, leak: 0, creep: 0 }, 6, [{ ...stretch, warming: 1 }]).bar[1]!
    expect(warmed - 6).toBeCloseTo((0.8e-3 + 0.2 / 288.15) / give, 3)
  })

  it('plastic creeps by as much from 1 to 10 minutes of a clock that begins at 1 as from 10 to 100', () => {
    const system = systemOf([{ pipe: pex, litres: 4 }], 0)
    // So little that nothing else of the pressure changes.
    const creep = 1e-3
    const crept = (from: number, to: number) => {
      const stretches = stretchesOf([
        { seconds: 60 * from, celsius: 15 },
        { seconds: 60 * to, celsius: 15 },
      ])
      return 6 - follow({ system, softer: 1, leak: 0, creep }, 6, stretches).bar[1]!
    }
    // A tenfold: 6 bar × the wall's give × 0.001, over the softness of the whole.
    const tenfold = (6 * system.creepingWall * creep) / softness(system, 15, 6)
    expect([crept(0, 9), crept(9, 99)]).toEqual([expect.closeTo(tenfold, 6), expect.closeTo(tenfold, 6)])
  })

  it('the causes add up to the change, whatever is supposed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.01, noNaN: true }),
        fc.double({ min: 0, max: 0.01, noNaN: true }),
        fc.array(fc.double({ min: 8, max: 22, noNaN: true }), { minLength: 2, maxLength: 12 }),
        (leak, air, warm) => {
          const system = { ...systemOf([{ pipe: pex, litres: 4 }], 0), air }
          const stretches = stretchesOf(warm.map((celsius, at) => ({ seconds: 60 * at, celsius })))
          const { bar, causes } = follow({ system, softer: 1.2, leak, creep: 0.1 }, 6, stretches)
          const sum = causes.leak + causes.temperature + causes.creep + causes.air
          expect(bar.at(-1)! - 6).toBeCloseTo(sum, 6)
        },
      ),
    )
  })
})

describe('readings', () => {
  const at = (bars: readonly number[]): Reading[] => bars.map((bar, index) => ({ seconds: 10 * index, bar }))
  it('a gauge that lets go is left out; a pipe that is empty is not', () => {
    expect(soundReadings(at([6, 6, 0, 5.9, 5.9])).map(({ bar }) => bar)).toEqual([6, 6, 5.9, 5.9])
    expect(soundReadings(at([0, 6, 6, 5.9])).map(({ bar }) => bar)).toEqual([6, 6, 5.9])
    expect(soundReadings(at([6, 6, 5.9, 0])).map(({ bar }) => bar)).toEqual([6, 6, 5.9])
    expect(soundReadings(at([6, 2, 0.3, 0, 0])).map(({ bar }) => bar)).toEqual([6, 2, 0.3, 0, 0])
    const kept = (...bars: number[]) => soundReadings(at(bars)).map(({ bar }) => bar)
    // What falls and stays down is no gauge that let go, however much stood before.
    for (const fell of [
      [6, 6, 6, 6, 6, 6, 1.7, 1.6, 1.6],
      [6, 6, 1, 1, 1, 1],
      [6, 0],
      [10, 10, 2, 0],
    ])
      expect(kept(...fell)).toEqual(fell)
    // One that comes back let go: below 0.3 of what stands about it, and not at just that.
    expect(kept(6, 6, 1, 6, 6)).toEqual([6, 6, 6, 6])
    expect(kept(6, 6, 0.5, 0.6, 6)).toEqual([6, 6, 6])
    expect(kept(10, 10, 3, 10, 10)).toEqual([10, 10, 3, 10, 10])
    // Twice as much and a hundredth more is still down; a last fall after one of three tenths is from nowhere.
    expect(kept(6, 6, 0.5, 1.01, 1.01)).toEqual([6, 6, 0.5, 1.01, 1.01])
    expect(kept(10, 10, 7, 0)).toEqual([10, 10, 7])
    expect(soundReadings([...at([6, 5])].reverse()).map(({ bar }) => bar)).toEqual([6, 5])
  })
  it('are those since somebody last pumped', () => {
    expect(sinceRaised(at([6, 5.5, 5, 6, 5.9])).map(({ bar }) => bar)).toEqual([6, 5.9])
    expect(sinceRaised(at([6, 5.9, 5.95]))).toHaveLength(3)
    // Warmed by ten degrees between the two, it rose by itself; as warm as before, somebody pumped.
    const warmed = (celsius: number) => [
      { seconds: 0, bar: 5, celsius: 12 },
      { seconds: 10, bar: 6, celsius },
      { seconds: 20, bar: 6, celsius: 40 },
    ]
    expect([sinceRaised(warmed(22)).length, sinceRaised(warmed(12)).length]).toEqual([3, 2])
  })
  it('a gauge errs by what a line through the neighbours leaves, and by its steps; one that never moves may be coarse', () => {
    expect(gaugeErrorOf(at([6, 6, 6, 6, 6, 6, 6]))).toEqual({ scatter: 0.002, step: 0.05 })
    expect(gaugeErrorOf(at([6, 6.05, 6, 6.05, 6.1, 6, 6.05])).step).toBeCloseTo(0.05, 9)
    expect(gaugeErrorOf(at([6, 6.013, 6.002, 6.031, 6.007, 6, 6.019])).step).toBe(0)
    // All differences are whole steps, in whatever order they were shown, and none is finer than 3 mbar.
    const step = (...bars: number[]) => Math.round(gaugeErrorOf(at(bars)).step * 1e4) / 1e4
    expect([step(6.3, 6, 6.1), step(6.25, 6, 6.1), step(6, 6.003, 6.006), step(6, 6.002, 6.004)]).toEqual([
      0.1, 0, 0.003, 0,
    ])
    // On a line, read at any moments, nothing is left of them.
    const line = [0, 1, 5, 6, 20, 21, 40].map((seconds) => ({ seconds, bar: 6 - 0.01 * seconds }))
    expect(gaugeErrorOf(line).scatter).toBe(0.002)
    // Read at one moment, they tell nothing of each other, and it is still a figure.
    expect(gaugeErrorOf(line.map((of) => ({ ...of, seconds: 0, bar: 6 }))).scatter).toBe(0.002)
    const [one, same, other] = [6, 6, 5.8].map((bar) => ({ seconds: 0, bar, count: 4 }))
    const coarse = { scatter: 0.002, step: 0.05 }
    // What a step hides does not average out while the gauge shows the same.
    expect(gaugeCovariance(coarse, one!, same!)).toBeCloseTo(0.05 ** 2 / 12, 5)
    expect(gaugeCovariance(coarse, one!, other!)).toBeCloseTo((0.05 ** 2 / 12) * Math.exp(-4), 6)
    // As much scatter as a step: what it hides is averaged out to 1/e.
    expect(gaugeCovariance({ scatter: 0.05, step: 0.05 }, one!, same!)).toBeCloseTo((0.05 ** 2 / 12) * Math.exp(-1), 6)
    expect(gaugeCovariance({ scatter: 0.01, step: 0 }, one!, one!)).toBeCloseTo(0.01 ** 2 / 4, 12)
    expect(gaugeCovariance({ scatter: 0.01, step: 0 }, one!, other!)).toBe(0)
  })
  it('are brought together, the first alone, fewer where the pressure runs', () => {
    const level = binned(at(Array.from({ length: 361 }, () => 6)), 36)
    expect(level[0]!.count).toBe(1)
    expect(level).toHaveLength(19)
    expect(level.reduce((sum, { count }) => sum + count, 0)).toBe(361)
    const running = binned(at(Array.from({ length: 11 }, (_, index) => 6 - 0.5 * index)), 36)
    expect(running.every(({ count }) => count === 1)).toBe(true)
    // Falling for 100 readings and then level: no bin spans more than an eighteenth of the fall, or more than 20 readings.
    const bars = Array.from({ length: 361 }, (_, index) => 6 - 0.018 * Math.min(index, 100))
    const both = binned(at(bars), 36)
    expect(both.filter(({ bar, seconds }) => bar > 4.21 && seconds > 0).every(({ count }) => count <= 6)).toBe(true)
    expect(both.filter(({ count }) => count === 20)).toHaveLength(13)
    expect(Math.max(...both.map(({ count }) => count))).toBe(20)
  })
  it('end where the pipe is empty, below a twenty-fifth of the first pressure, and are never fewer than four', () => {
    const counted = (...bars: number[]) => binned(at(bars), 36).reduce((sum, { count }) => sum + count, 0)
    expect(counted(6, 5, 3, 2, 1, 0.2, 0, 0, 0, 0)).toBe(6)
    expect(counted(6, 5, 3, 2, 1, 0.25, 0.25, 0.25)).toBe(8)
    expect(counted(6, 0.1, 0, 0, 0, 0)).toBe(4)
  })
})

describe('what the readings say', () => {
  const truth = (more: Partial<TrueTest> = {}) => sampleTest(tenMetres, more)
  const asked = (of: TrueTest, more: Partial<ProveRequest['system']> = {}): ProveRequest => ({
    units: 'metric',
    system: { segments: [{ pipe: copperId, metres: 10 }], ...more },
    test: { profile: 'en806-a', design: 6, medium: 'water' },
    readings: simulatedReadings(of, randomStream(3)),
  })
  const bar = (answer: ReturnType<typeof prove>, cause: string) => answer.causes.find((of) => of.cause === cause)!.bar

  it('a tight line that cools is tight, though its profile fails it: within ten minutes nobody knows, within an hour it shows', () => {
    const cooling = { warming: { kelvin: -1.2, minutes: 15 } }
    // Two tenths of a bar matter, and a thermometer that lags by three tenths of a kelvin hides twice that.
    expect(prove(catalogue, asked(truth(cooling))).verdict).toBe('undecided')
    const answer = prove(catalogue, asked(truth({ ...cooling, seconds: 3600 })))
    expect(answer.verdict).toBe('tight')
    expect(answer.profile.passes).toBe(false)
    expect(answer.profile.limits.map(({ passes }) => passes)).toEqual([true, false])
    expect(bar(answer, 'temperature')).toBeLessThan(-0.5)
    expect(answer.decidedAfter).toBeLessThan(3600)
    expect(answer.next.kind).toBe('end')
  })

  it('says what a tight line would show: 1 K more at 15 °C is 1.5 bar, and a leak leaves the band', () => {
    const still = prove(catalogue, asked(truth()))
    expect(still.expected.every(({ bar, low, high }) => low <= bar && bar <= high && Math.abs(bar - 6.6) < 0.05)).toBe(
      true,
    )
    const warmed = prove(catalogue, asked(truth({ warming: { kelvin: 1, minutes: 2 } }))).expected
    // The thermometer scatters, and the first bins are means.
    expect(warmed.at(-1)!.bar - warmed[0]!.bar).toBeGreaterThan(1.2)
    expect(warmed.at(-1)!.bar - warmed[0]!.bar).toBeLessThan(1.7)
    const leaking = asked(truth({ leak: 1e-3 }))
    const { expected } = prove(catalogue, leaking)
    expect(leaking.readings.at(-1)!.bar).toBeLessThan(expected.at(-1)!.low)
    const within = still.expected.filter(({ seconds, low, high }) => {
      const read = asked(truth()).readings.find((of) => of.seconds >= seconds)!
      return read.bar >= low && read.bar <= high
    })
    expect(within.length).toBeGreaterThan(0.9 * still.expected.length)
  })

  it('one reading without a temperature leaves the warmth unread; a line without pressure tells nothing', () => {
    const request = asked(truth())
    const [first, ...rest] = request.readings.slice(0, 20)
    const { celsius: _, ...bare } = first!
    const next = (readings: ProveRequest['readings']) => prove(catalogue, { ...request, readings }).next.kind
    expect([next([first!, ...rest]), next([bare, ...rest])]).toEqual(['pump-stroke', 'read-temperature'])
    const empty = request.readings.map((reading) => ({ ...reading, bar: 0 }))
    expect(prove(catalogue, { ...request, readings: empty })).toMatchObject({ verdict: 'undecided', expected: [] })
    expect(prove(catalogue, { ...request, readings: request.readings.slice(0, 3) }).expected).toEqual([])
  })

  it('a leak that is said not to matter is none: 0.3 ml a minute where 1 is the least', () => {
    const weeps = asked(truth({ leak: 3e-4 }))
    const least = (leastLeak: number) => prove(catalogue, { ...weeps, test: { ...weeps.test, leastLeak } })
    expect(least(0.1).probability).toBeGreaterThan(0.99)
    expect(least(1).probability).toBeLessThan(0.01)
  })

  it('where air is known it is not asked for a stroke of the pump', () => {
    const next = (more: Partial<ProveRequest['system']>) => {
      const request = asked(truth(), more)
      return prove(catalogue, { ...request, readings: request.readings.slice(0, 20) }).next.kind
    }
    expect(next({})).toBe('pump-stroke')
    expect(next({ air: { litres: 0 } })).not.toBe('pump-stroke')
  })

  it('a weeping line that warms is a leak, though its profile passes it', () => {
    // 0.15 ml a minute takes about what 0.45 K a minute give.
    const answer = prove(
      catalogue,
      asked(truth({ leak: 1.5e-4, warming: { kelvin: 6, minutes: 11 }, thermometer: { lag: 0, minutes: 10 } }), {
        pumped: { litres: 2.14e-4 * 6, from: 0.6, to: 6.6 },
      }),
    )
    expect(answer.verdict).toBe('leak')
    expect(answer.leak.low).toBeLessThanOrEqual(0.15)
    expect(answer.leak.high).toBeGreaterThanOrEqual(0.15)
    expect(bar(answer, 'temperature')).toBeGreaterThan(2)
    expect(answer.next.kind).toBe('find')
  })

  it('without a temperature a fall that half a degree explains is no leak, and what would decide it is said', () => {
    const answer = prove(catalogue, asked(truth({ warming: { kelvin: -0.3, minutes: 10 }, thermometer: null })))
    expect(answer.verdict).not.toBe('leak')
    // What half a degree cannot explain is a leak all the same.
    expect(prove(catalogue, asked(truth({ leak: 1e-3, thermometer: null }))).verdict).toBe('leak')
    const long = { pipe: copperId, metres: 300 }
    const slow = prove(catalogue, {
      ...asked(
        truth({ system: { ...tenMetres, litres: 96 }, warming: { kelvin: -0.3, minutes: 5 }, thermometer: null }),
      ),
      system: { segments: [long] },
    })
    expect(slow.verdict).toBe('undecided')
    expect(slow.decidedAfter).toBeNull()
    expect(slow.next.kind).toBe('read-temperature')
    expect(said(slow.next.message)).toContain('half a degree')
  })

  it('a stroke of the pump overrules the table: what is softer than pipe and water is air', () => {
    const airy = { ...tenMetres, air: 0.002 }
    const give = softness(airy, 15, 3.3) * tenMetres.litres
    const question = asked(truth({ system: airy, leak: 5e-4 }), { pumped: { litres: 6.6 * give, from: 0, to: 6.6 } })
    const answer = prove(catalogue, question)
    expect(answer.verdict).toBe('leak')
    expect(answer.leak.low).toBeLessThan(0.5)
    expect(answer.leak.high).toBeGreaterThan(0.5)
    expect(answer.leak.high / answer.leak.low).toBeLessThan(2)
  })

  it('a stroke that fits neither pipe nor any air, as one that was mistyped, still leaves a verdict with its interval', () => {
    for (const litres of [1e-6, 50]) {
      const { leak, probability } = prove(catalogue, asked(truth(), { pumped: { litres, from: 0, to: 6.6 } }))
      expect([leak.low, leak.high, probability].every(Number.isFinite)).toBe(true)
      expect(leak.low).toBeLessThanOrEqual(leak.high)
    }
  })

  it('says nothing of fewer than five readings or three minutes, and keeps the limits open until their time', () => {
    const { readings, ...rest } = asked(truth())
    const few = prove(catalogue, { ...rest, readings: readings.slice(0, 2) })
    expect(few).toMatchObject({ verdict: 'undecided', decidedAfter: null, next: { kind: 'readings' } })
    const early = prove(catalogue, { ...rest, readings: readings.slice(0, 18) })
    expect(early.profile.passes).toBeNull()
    expect(early.profile.limits.map(({ passes }) => passes)).toEqual([true, null])
    expect(early).toMatchObject({ verdict: 'undecided', next: { kind: 'readings' } })
    expect(prove(catalogue, { ...rest, readings: readings.slice(0, 20) }).next.kind).not.toBe('readings')
    const sparse = [0, 20, 40, 60].map((at) => readings[at]!)
    expect(prove(catalogue, { ...rest, readings: sparse }).next.kind).toBe('readings')
  })

  it('elastic pipe: both limits, after 30 minutes of topping up; a test with air is none for plastic', () => {
    const loop = systemOf([{ pipe: pex, litres: litresIn(pex, 40) }], 0)
    const held = truth({ system: loop, creep: 0.05, bar: 6.6, seconds: 10_800, every: 60 })
    const request = (profile: ProveRequest['test']['profile'], medium: 'water' | 'air' = 'water'): ProveRequest => ({
      units: 'metric',
      system: { segments: [{ pipe: pex.id, metres: 40 }] },
      test: { profile, design: 6, medium },
      readings: simulatedReadings(held, randomStream(4)),
    })
    const c = prove(catalogue, request('en806-c'))
    expect(c.verdict).toBe('tight')
    expect(c.profile.limits.map(({ passes, limit }) => [limit, passes])).toEqual([
      [expect.closeTo(6.6, 9), true],
      [0.6, true],
      [0.2, true],
    ])
    expect(prove(catalogue, request('model-code-air', 'air')).profile.limits[0]).toMatchObject({ passes: false })
    expect(prove(catalogue, request('low-pressure')).profile.passes).toBeNull()
  })

  it('what is empty before the test of an elastic pipe begins has leaked', () => {
    const loop = systemOf([{ pipe: pex, litres: litresIn(pex, 40) }], 0)
    const { readings, ...rest } = asked(truth({ system: loop, leak: 2e-3, creep: 0.1, seconds: 5400, every: 60 }))
    const empty = prove(catalogue, {
      ...rest,
      system: { segments: [{ pipe: pex.id, metres: 40 }] },
      test: { profile: 'en806-c', design: 6, medium: 'water' },
      readings,
    })
    expect(readings.find(({ seconds }) => seconds >= 1800)!.bar).toBeLessThan(1)
    expect(empty.verdict).toBe('leak')
  })

  it('air: a leak from a line of air, and cooling that is none', () => {
    const system = systemOf([{ pipe: copper, litres: litresIn(copper, 30) }], 'all')
    const request = (more: Partial<TrueTest>): ProveRequest => ({
      units: 'metric',
      system: { segments: [{ pipe: copperId, metres: 30 }] },
      test: { profile: 'model-code-air', design: 6, medium: 'air' },
      readings: simulatedReadings(truth({ system, bar: 3.45, seconds: 920, ...more }), randomStream(5)),
    })
    const cooled = prove(catalogue, request({ warming: { kelvin: -2, minutes: 10 } }))
    expect(cooled.verdict).not.toBe('leak')
    expect(cooled.next.kind).not.toBe('pump-stroke')
    expect(bar(cooled, 'air')).toBeLessThan(-0.02)
    const leaking = prove(catalogue, request({ leak: 0.05 }))
    expect(leaking.verdict).toBe('leak')
    expect(leaking.leak.low).toBeLessThan(50)
    expect(leaking.leak.high).toBeGreaterThan(45)
  })
})

describe('what of a job is under test', () => {
  it('its pipe by legs, each pipe once, without what comes out or leads on out of sight', () => {
    const job = sampleJob({
      pipe: copperId,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'tee:b'],
        ['tee:b', 'up', 250, 'cap:c'],
        ['tee:b', 'north', 700, 'open:d'],
      ],
    })
    const legs = job.legs.map((leg, at) =>
      at === 2 ? { ...leg, pipe: pex.id } : at === 3 ? { ...leg, state: 'existing' as const, length: null } : leg,
    )
    const mixed = { ...job, legs }
    expect(segmentsUnderTest(mixed)).toEqual([
      { pipe: copperId, metres: 1.5 },
      { pipe: pex.id, metres: 0.25 },
    ])
    expect(segmentsUnderTest(mixed, ['none'])).toEqual([])
  })
})

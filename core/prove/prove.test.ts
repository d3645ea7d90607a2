import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { randomStream } from '../quantity/random-stream'
import { pipeId } from '../testing/sample-run'
import { said } from '../testing/said'
import { sampleTest } from '../testing/sample-test'
import { prove } from './prove'
import type { ProveRequest } from './prove-schema'
import { simulatedReadings, type TrueTest } from './simulate'
import { litresIn, systemOf } from './softness'

const copperId = pipeId('EN 1057', '22', 0.9)
const copper = catalogue.pipe(copperId)!
const pex = catalogue.pipe('pex-b-astm-f876-sdr9-cts-1-2')!
const tenMetres = systemOf([{ pipe: copper, litres: litresIn(copper, 10) }], 0)

describe('what the readings say', () => {
  const truth = (more: Partial<TrueTest> = {}) => sampleTest(tenMetres, more)
  const asked = (of: TrueTest, more: Partial<ProveRequest['system']> = {}): ProveRequest => ({
    units: 'metric',
    system: { segments: [{ pipe: copperId, metres: 10 }], ...more },
    test: { profile: 'en806-a', design: 6, medium: 'water' },
    readings: simulatedReadings(of, randomStream(3)),
  })
  const bar = (answer: ReturnType<typeof prove>, cause: string) => answer.causes.find((of) => of.cause === cause)!.bar

  it('a tight line that cools is tight, though its profile fails it: without a thermometer nobody knows', () => {
    const cooling = { warming: { kelvin: -1.2, minutes: 15 } }
    const read = asked(truth(cooling))
    const bare = { ...read, readings: read.readings.map(({ celsius: _, ...reading }) => reading) }
    expect(prove(catalogue, bare).verdict).toBe('undecided')
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

  it('a temperature that is missing lies between the others; a line without pressure tells nothing', () => {
    const request = asked(truth())
    const bare = (from: number, to: number) =>
      request.readings.map(({ celsius, ...of }, at) => (at >= from && at < to ? of : { ...of, celsius }))
    const next = (readings: ProveRequest['readings']) => prove(catalogue, { ...request, readings }).next.kind
    // One lies between the others; half of the time without one is not known.
    expect([next(bare(0, 1)), next(bare(5, 7)), next(bare(0, 40))]).toEqual(['end', 'end', 'read-temperature'])
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
    // From nothing to 6.6 bar: water and pipe by 66.77e-6 a bar, the air along its curve.
    const give = (0.998 * 66.77e-6 * 6.6 + 0.002 * 7.613 * (1 / 1.013 - 1 / 7.613)) * tenMetres.litres
    const question = asked(truth({ system: airy, leak: 5e-4 }), { pumped: { litres: give, from: 0, to: 6.6 } })
    const answer = prove(catalogue, question)
    expect(answer.verdict).toBe('leak')
    expect(answer.leak.low).toBeLessThan(0.5)
    expect(answer.leak.high).toBeGreaterThan(0.5)
    expect(answer.leak.high / answer.leak.low).toBeLessThan(2.5)
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

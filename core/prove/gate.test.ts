import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { randomStream } from '../quantity/random-stream'
import { misfitOf } from './inference/misfit'
import { usualLeastLeak } from './least-leak'
import { prove } from './prove'
import type { ProveRequest } from './prove-schema'
import { litresIn, systemOf } from './softness'
import { doubtOf, toppedUpAt } from './gate'
import { oddReadings } from './odd-readings'

const multilayer = pipeId('EN ISO 21003', '16')
const [copper15, copper22] = [pipeId('EN 1057', '15', 0.7), pipeId('EN 1057', '22', 0.9)]
const pex = pipeId('ASTM F876', '1/2', 'pex-b')

/** What is said of readings a minute apart, at a steady 15 °C. */
function told(
  pipe: string,
  metres: number,
  bars: readonly number[],
  more: Partial<Omit<ProveRequest, 'test'>> & { profile?: ProveRequest['test']['profile']; division?: number } = {},
) {
  const { profile = 'en806-a', division, ...rest } = more
  const answer = prove(catalogue, {
    units: 'metric',
    system: { segments: [{ pipe, metres }] },
    test: { profile, design: bars[0]! / 1.1, medium: 'water', ...(division ? { gauge: { division } } : {}) },
    ...rest,
    readings: bars.map((bar, at) => ({ seconds: 60 * at, bar, celsius: 15 })),
  })
  return [answer.verdict, said(answer.next.message)] as const
}
const from = (first: number, by: number, count: number) => Array.from({ length: count }, (_, at) => first - by * at)

describe('a gauge is never surer than its fit', () => {
  it('a small line that empties is a leak, whatever its millilitres', () => {
    expect(told(multilayer, 16, from(10, 0.8, 11))[0]).toBe('leak')
    expect(told(copper15, 3, [10, 8.8, 7.5, 6.4, 5.2, 4, 2.9, 1.9, 1, 0.3, 0])[0]).toBe('leak')
    const line = (id: string, metres: number) => {
      const pipe = catalogue.pipe(id)!
      return systemOf([{ pipe, litres: litresIn(pipe, metres) }], 0)
    }
    const least = (id: string, metres: number) => usualLeastLeak(line(id, metres), { seconds: 600, bar: 10 }) * 1000
    // 3 m of 15 × 0.7: 0.436 l, 64e-6 /bar: 0.2 bar in ten minutes is 0.00056 ml a minute.
    expect(least(copper15, 3)).toBeCloseTo(0.00056, 5)
    expect(least(copper22, 1000)).toBeCloseTo(0.1, 9)
    // Multilayer by the metal in its wall; plastic that stretches by its own setting.
    expect(least(multilayer, 10_000)).toBeCloseTo(0.1, 9)
    expect(least(pex, 10_000)).toBeCloseTo(1, 9)
  })

  it('says nothing where it was topped up, and asks when', () => {
    const topped = Array.from({ length: 31 }, (_, at) => 10 - 0.12 * (at % 5))
    for (const count of [11, 16, 31])
      expect(told(pex, 40, topped.slice(0, count), { profile: 'en806-b' })[0]).toBe('undecided')
    const bars = [9, 8.8, 8.6, 10, 9.8, 9.6, 9.4, 9.2, 9]
    const [verdict, next] = told(copper22, 10, bars)
    expect([verdict, next]).toEqual(['undecided', expect.stringContaining('it rises between 2:00 and 3:00')])
    // Once that is said, it is asked no more: both stretches are weighed.
    const events = [{ seconds: 150, did: 'topped up' as const }]
    expect(told(copper22, 10, bars, { events })[1]).not.toContain('it rises')
    const leaking = [...from(10, 0.8, 6), ...from(10, 0.8, 6)]
    expect(told(copper22, 10, leaking)[0]).toBe('undecided')
    expect(told(copper22, 10, leaking, { events: [{ seconds: 330, did: 'topped up' }] })[0]).toBe('leak')
    const warm = [9, 8.8, 10].map((bar, at) => ({ seconds: 60 * at, bar, celsius: 15 + at }))
    expect(toppedUpAt(warm)).toBeNull()
  })

  it('a rise at a steady temperature is an inflow, never tight and no leak', () => {
    const [verdict, next] = told(copper22, 10, [3.4, 3.8, 4.2, 4.5, 4.8, 5.05, 5.25, 5.45, 5.6, 5.7, 5.8])
    expect([verdict, next]).toEqual(['inflow', expect.stringContaining('does a valve pass mains water?')])
  })

  it('a fast rise that dies away is an inflow; one that goes on evenly and stops, or stops at once, is asked about', () => {
    const minutely = (bars: readonly number[]) => bars.map((bar, at) => ({ seconds: 60 * at, bar, celsius: 15 }))
    const standing = (bar: number) => Array.from({ length: 20 }, () => bar)
    const dying = [9.48, 10.13, 10.74, 11.28, 11.77, 12.2, 12.58, 12.9, 13.18, 13.42, 13.6, 13.69, ...standing(13.7)]
    expect(toppedUpAt(minutely(dying))).toBeNull()
    expect(told(copper22, 10, dying)[0]).toBe('inflow')
    const pumped = [8, 8.5, 9, 9.5, 10, ...standing(10)]
    expect(toppedUpAt(minutely(pumped))?.[0].bar).toBe(8)
    expect(toppedUpAt(minutely([9, 9.5, 9.55, ...standing(9.55)]))?.[0].bar).toBe(9)
    // A reading is missing: twice the rise in twice the time is no jump.
    const steady = [0, 60, 120, 240, 300, 360, 420].map((seconds) => ({ seconds, bar: 8 + seconds / 300 }))
    expect(toppedUpAt(steady)).toBeNull()
  })

  it('a wild row is asked about, and left out when it is struck out', () => {
    const rows = [10.38, 10.3, 10.22, 10.15, 10.1, 10.05, 10, 99.9, 9.95]
    expect(told(copper22, 10, rows)).toEqual([
      'undecided',
      expect.stringContaining('one reading is far off, 99.90 bar at 7:00'),
    ])
    const at = (bars: number[]) => oddReadings(bars.map((bar, seconds) => ({ seconds, bar })))[0]?.bar ?? null
    expect(at([10, 10, 7, 10, 10])).toBe(7)
    // A gauge that let go is left out of itself; a fall that stays is no row.
    expect([at([10, 10, 0, 10, 10]), at([10, 10, 7, 7, 7]), at([10, 8, 6, 4, 2])]).toEqual([null, null, null])
  })

  it('what falls and then stands is a leak that closes: a joint that was not pressed, a valve that passes', () => {
    const [verdict, next] = told(copper22, 10, [10, 9.2, 8.6, 8.2, 8, 7.9, 7.9, 7.9, 7.9, 7.9, 7.9])
    expect([verdict, next]).toEqual(['leak', expect.stringContaining('opens under pressure only')])
  })

  it('ten equal readings say less on a coarse gauge, and nothing without a temperature', () => {
    const equal = from(10, 0, 12)
    expect([told(copper22, 10, equal)[0], told(copper22, 10, equal, { division: 0.5 })[0]]).toEqual([
      'tight',
      'undecided',
    ])
  })

  it('less than matters, and yet it runs: it weeps, and is never called tight', () => {
    // 20 m of 22 copper that lose 1.7 bar in a day, a reading every five minutes: about a thousandth of a ml a minute.
    const readings = Array.from({ length: 288 }, (_, at) => ({ seconds: 300 * at, bar: 10 - 0.006 * at, celsius: 15 }))
    const { verdict, leak } = prove(catalogue, {
      units: 'metric',
      system: { segments: [{ pipe: copper22, metres: 20 }] },
      test: { profile: 'en806-a', design: 9, medium: 'water' },
      readings,
    })
    expect([verdict, leak.high < 0.004]).toEqual(['weep', true])
  })

  it('no verdict from fewer than five readings or three minutes, nor from plastic in its first half hour', () => {
    expect(told(copper22, 10, [10, 10, 10, 10])[1]).toContain('at least five readings')
    expect(told(copper22, 10, from(10, 0, 12))[0]).toBe('tight')
    expect(told(pex, 40, from(10, 0.01, 20), { profile: 'en806-b' })[1]).toContain(
      'plastic is still stretching: read on for 11 more',
    )
  })

  it('brings a reading a second together: ten minutes of them are no more than 72 places', () => {
    const random = randomStream(3)
    const readings = Array.from({ length: 601 }, (_, seconds) => ({
      seconds,
      bar: Math.round((10 - 0.005 * seconds + (random() - 0.5) * 0.03) * 100) / 100,
      celsius: 15,
    }))
    const { expected } = prove(catalogue, {
      units: 'metric',
      system: { segments: [{ pipe: copper22, metres: 20 }] },
      test: { profile: 'en806-a', design: 9, medium: 'water' },
      readings,
    })
    expect(expected.length).toBeGreaterThan(15)
    expect(expected.length).toBeLessThanOrEqual(72)
  })
})

describe('how badly an explanation fits', () => {
  const alternating = Float64Array.from({ length: 20 }, (_, at) => (at % 2 ? 1 : -1))
  it('is by the size of what is left, and by its runs', () => {
    expect(misfitOf(alternating)).toBeLessThan(1)
    expect(misfitOf(alternating.map((value) => 3 * value))).toBeGreaterThan(8)
    const halves = Float64Array.from({ length: 20 }, (_, at) => (at < 10 ? 0.7 : -0.7))
    expect(misfitOf(halves)).toBeGreaterThan(3.5)
    expect(misfitOf(Float64Array.from([5, 5, 5]))).toBeGreaterThan(4)
  })
})

it('what nothing explains is a leak where the line has plainly emptied, and never where the gauge has risen', () => {
  const readings = (by: number) => [0, 1, 2, 3, 4, 5].map((at) => ({ seconds: 60 * at, bar: 6 + by * at }))
  const doubtIf = (by: number, chanceAnyway: number) =>
    doubtOf({
      ...{ stretches: [readings(by)], given: readings(by), creeps: false },
      proof: { misfit: 28, chanceAnyway },
    })?.kind
  expect([doubtIf(-0.25, 1), doubtIf(-0.25, 0.99), doubtIf(0.25, 1)]).toEqual([undefined, 'no fit', 'no fit'])
})

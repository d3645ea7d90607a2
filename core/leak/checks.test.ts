import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chanceToSee, secondsOf, valveAnswers, valveSeconds } from './checks'
import { lossOf, type Loss } from './loss'

const water = (mlPerMinute: number): Loss => ({ medium: 'water', mlPerMinute, barPerMinute: 0.1 })
const air = (mlPerMinute: number): Loss => ({ ...water(mlPerMinute), medium: 'air' })

describe('what a check shows', () => {
  it('a tenth of a ml a minute is for tissue, not for eyes; a hundred ml nobody walks past', () => {
    // Half a drop in the 15 s of a look: 0.95 × 0.01 / 0.17.
    expect(chanceToSee('look', water(0.1))).toBeCloseTo(0.0559, 4)
    expect(chanceToSee('tissue', water(0.1))).toBeCloseTo(0.97 / 1.04, 6)
    expect([chanceToSee('walk', water(100)), chanceToSee('look', water(100))].map((of) => of.toFixed(2))).toEqual([
      '0.90',
      '0.95',
    ])
  })

  it('of air nothing is seen without soap; of water soap shows nothing', () => {
    expect([chanceToSee('look', air(5000)), chanceToSee('tissue', air(5000)), chanceToSee('soap', water(5))]).toEqual([
      0, 0, 0,
    ])
    expect(chanceToSee('soap', air(17))).toBeGreaterThan(0.96)
    // It hisses where it is much.
    expect(chanceToSee('walk', air(300))).toBeCloseTo(0.45, 6)
  })

  it('the more is lost the likelier it shows, and never surely', () =>
    fc.assert(
      fc.property(
        fc.constantFrom('walk', 'look', 'tissue', 'listen', 'open'),
        fc.double({ min: 0.01, max: 1000, noNaN: true }),
        (check, rate) => {
          expect(chanceToSee(check, water(rate))).toBeLessThanOrEqual(chanceToSee(check, water(rate * 1.1)))
          expect(chanceToSee(check, water(rate * 1000))).toBeLessThan(1)
        },
      ),
    ))

  it('what a valve may show adds up to 1', () =>
    expect(Object.values(valveAnswers).reduce((sum, of) => sum + of, 0)).toBeCloseTo(1, 12))
})

describe('the seconds of a check', () => {
  it('a leg takes longer by its length, and so does a slow fall at a valve', () => {
    expect([secondsOf('look', 2000), secondsOf('tissue', 2000), secondsOf('look', 0)]).toEqual([35, 210, 15])
    // 0.1 bar at 0.2 bar a minute: 30 s; one that does not fall is read for half an hour.
    expect([valveSeconds(0.2), valveSeconds(0)]).toEqual([120, 1890])
  })
})

describe('what is lost', () => {
  const proof = {
    leak: { mlPerMinute: 2 },
    causes: [
      { cause: 'temperature', bar: 0.4 },
      { cause: 'leak', bar: -0.6 },
    ],
  }
  const readings = [
    { seconds: 60, bar: 3.5 },
    { seconds: 660, bar: 3.3 },
  ]

  it('the fall by the leak alone, by the minute; nought where nothing is known', () => {
    expect(lossOf(proof, 'water', readings)).toEqual({
      medium: 'water',
      mlPerMinute: 2,
      barPerMinute: expect.closeTo(0.06, 9),
    })
    expect(lossOf({ ...proof, causes: [] }, 'water', readings).barPerMinute).toBe(0)
    expect(lossOf(proof, 'water', readings.slice(1)).barPerMinute).toBe(0)
    expect(lossOf({ ...proof, leak: { mlPerMinute: 0 } }, 'water', []).mlPerMinute).toBe(0.001)
  })

  it('air grows as it comes out: 2 ml at 3.5 bar are 2 × 4.513 / 1.013', () =>
    expect(lossOf(proof, 'air', readings).mlPerMinute).toBeCloseTo(8.91, 2))
})

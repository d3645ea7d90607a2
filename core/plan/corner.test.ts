import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { shippedCosts } from '../workshop/costs'
import { pipeId } from '../testing/sample-run'
import { cornerChoice } from './corner'

const pipe = (standard: string, nominal: string, having?: number) => catalogue.pipe(pipeId(standard, nominal, having))!

describe('a corner bent, or made with an elbow', () => {
  it('22 copper at 90°: the bend of 88 takes 88 and saves 37.8 of pipe, a soldered elbow 14.6 + 15.4', () => {
    const corner = { angle: 90, radius: 88, bending: 'bender', prefer: 'solder' } as const
    const { method, bend, elbow, gain } = cornerChoice(catalogue, pipe('EN 1057', '22', 0.9), corner, shippedCosts)
    expect([method, bend.room, elbow.room, bend.joints, elbow.joints]).toEqual([
      'solder',
      expect.closeTo(88, 6),
      30,
      0,
      2,
    ])
    expect(gain).toBeCloseTo(37.77, 2)
    // 3 minutes of an hour at 48 against two joints and a fitting.
    expect(bend.cost).toBeCloseTo(2.4, 6)
    expect(elbow.cost).toBeCloseTo((2 * shippedCosts.methods.solder.minutes * 48) / 60 + 0.9, 6)
  })

  it('takes a method that has an elbow for the pipe where the run’s has none', () => {
    const corner = { angle: 90, radius: 80, bending: 'hand', prefer: 'solder' } as const
    const choice = cornerChoice(catalogue, pipe('EN ISO 21003', '16'), corner, shippedCosts)
    expect([choice.method, choice.verdict.verdict, choice.bend.minutes]).toEqual(['press-multilayer', 'fits', 1])
  })

  it('prefers the run’s method where it has an elbow, whichever comes first', () => {
    for (const prefer of ['push-fit', 'press-metal', 'compression'] as const) {
      const corner = { angle: 90, radius: 88, bending: 'bender', prefer } as const
      expect(cornerChoice(catalogue, pipe('EN 1057', '22', 0.9), corner, shippedCosts).method).toBe(prefer)
    }
  })

  it('at 45 the elbow of 45, not that of 90', () => {
    const at = (angle: number) =>
      cornerChoice(
        catalogue,
        pipe('EN 1057', '22', 0.9),
        { angle, radius: 88, bending: 'bender', prefer: 'solder' },
        shippedCosts,
      ).elbow.room!
    expect(at(45)).toBeLessThan(at(90))
    expect(at(45)).toBeGreaterThan(15.4)
  })

  it('knows no room of an elbow that is not made', () => {
    const corner = { angle: 30, radius: 88, bending: 'bender' } as const
    expect(cornerChoice(catalogue, pipe('EN 1057', '22', 0.9), corner, shippedCosts).elbow.room).toBeNull()
  })
})

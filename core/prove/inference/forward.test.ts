import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { pipeId } from '../../testing/sample-run'
import { courseOf, type Moment } from './course'
import { follow, leftOver, still, type Causes, type Supposed } from './forward'
import { litresIn, softness, systemOf } from '../softness'
import { expansionOfWater } from '../water'

const copper = catalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const pex = catalogue.pipe('pex-b-astm-f876-sdr9-cts-1-2')!
const tenMetres = systemOf([{ pipe: copper, litres: litresIn(copper, 10) }], 0)
const loop = systemOf([{ pipe: pex, litres: 4 }], 0)
const moments = (seconds: number, every = 1, celsius = 15): Moment[] =>
  Array.from({ length: seconds / every + 1 }, (_, at) => ({ seconds: at * every, celsius }))
const nothing = () => ({ leak: 0, inflow: 0, temperature: 0, creep: 0, air: 0 })
const after = (supposed: Supposed, first: number, of: readonly Moment[]) =>
  follow(supposed, first, courseOf(of, first)).at(-1)!

describe('what is left over', () => {
  it('a seep halves by its exponential, a hole empties in a finite time', () => {
    expect(leftOver(1, 0.5, 1)).toBeCloseTo(Math.exp(-0.5), 9)
    expect(leftOver(1, 0.5, 0.5)).toBeCloseTo(0.75 ** 2, 9)
    // √x falls by half the rate: from 1 it is gone at 2.
    expect([leftOver(1, 1.99, 0.5), leftOver(1, 2, 0.5), leftOver(1, 5, 0.5)]).toEqual([
      expect.closeTo(0.000025, 6),
      0,
      0,
    ])
    expect([leftOver(0, 1, 0.5), leftOver(-0.2, 1, 0.5)]).toEqual([0, -0.2])
  })
})

describe('what follows from a flow', () => {
  it('0.1 ml a minute takes nearly half a bar a minute from 10 m of 22 copper', () => {
    const causes = nothing()
    const bar = follow({ ...still(tenMetres), flow: 1e-4 }, 6, courseOf(moments(60), 6), causes)
    // 1e-4 l over 3.205 l × 66.77e-6: 0.467 at 6 bar, a little less as it falls.
    expect(bar.at(-1)).toBeCloseTo(6 - 0.458, 2)
    expect(causes.leak).toBeCloseTo(bar.at(-1)! - 6, 6)
  })

  it('never goes below nothing, and stops at its level: a leak that closes, a main that feeds', () => {
    expect(after({ ...still(tenMetres), flow: 1 }, 6, moments(60))).toBe(0)
    expect(after({ ...still(tenMetres), flow: 1e-2, level: 4 }, 6, moments(600))).toBeCloseTo(4, 6)
    expect(after({ ...still(tenMetres), flow: -1e-2, level: 9 }, 6, moments(600))).toBeCloseTo(9, 6)
    // What lies beyond its level does not run.
    expect(after({ ...still(tenMetres), flow: 1e-2, level: 8 }, 6, moments(60))).toBe(6)
    const causes = nothing()
    follow({ ...still(tenMetres), flow: -1e-4, level: 9 }, 6, courseOf(moments(60), 6), causes)
    expect(causes.leak).toBe(0)
    // As much in as 0.1 ml a minute takes out.
    expect(causes.inflow).toBeCloseTo(0.45, 1)
  })

  it('water gives and grows by its own share of the content, beside the air', () => {
    // A fifth air, and figures large enough to tell the shares apart: 0.8 × 0.1 and 0.2 / 7.013 give way.
    const system = { ...tenMetres, air: 0.2, wall: 0, wallExpansion: 0, litres: 1 }
    const [step] = courseOf(moments(60, 60), 6).steps
    const course = (more: object) => ({
      steps: [{ ...step!, waterExpansion: 1e-3, waterGives: 0.1, ...more }],
      creptBefore: new Float64Array(1),
      creepOf: [new Float64Array(0)],
    })
    const give = 0.8 * 0.1 + 0.2 / 7.013
    const leaking = follow({ ...still(system), flow: 1e-5 }, 6, course({}))[1]!
    expect(6 - leaking).toBeCloseTo(1e-5 / give, 8)
    // One kelvin: 0.8 of 1e-3, and a fifth of 1/288.15.
    const warmed = follow(still(system), 6, course({ warming: 1 }))[1]!
    expect(warmed - 6).toBeCloseTo((0.8e-3 + 0.2 / 288.15) / give, 3)
    expect(expansionOfWater(15)).toBeLessThan(1e-3)
  })

  it('trapped air is let off along its curve: the lower the pressure, the more water it takes for a bar', () => {
    // A hundredth of air under 10 bar in a pipe that gives next to nothing; flow that does not change with the pressure.
    const system = { ...tenMetres, air: 0.01, wall: 0, litres: 1 }
    const steady = { ...still(system), flow: 5e-4, exponent: 0 }
    const bar = follow(steady, 10, courseOf(moments(600, 60), 10))
    const falls = Array.from(bar.slice(1), (now, at) => bar[at]! - now)
    falls.slice(1).forEach((fall, at) => expect(fall).toBeLessThan(falls[at]!))
    // p V of the air is what it was: 11.013 × 0.01, grown by what ran out, less what the water gave back.
    const grown = 0.01 + 10 * 5e-4 - 0.99 * 46.7e-6 * (10 - bar.at(-1)!)
    expect(bar.at(-1)! + 1.013).toBeCloseTo((11.013 * 0.01) / grown, 1)
  })

  it('air that dissolves and air that loses the heat of pumping both fade', () => {
    const falls = (supposed: Supposed) => {
      const bar = follow(supposed, 6, courseOf(moments(3600, 600), 6))
      return Array.from(bar.slice(1), (now, at) => bar[at]! - now)
    }
    const fading = [
      falls({ ...still({ ...tenMetres, air: 0.01 }), dissolved: 0.1 }),
      falls({ ...still({ ...tenMetres, air: 1 }), heat: 3 }),
    ]
    for (const of of fading) {
      expect(of[0]).toBeGreaterThan(0.01)
      of.slice(1).forEach((fall, at) => expect(fall).toBeLessThan(of[at]!))
    }
    // Three kelvin of 288 of 7.013 bar absolute.
    expect(fading[1]!.reduce((sum, fall) => sum + fall, 0)).toBeCloseTo((7.013 * 3) / 288.15, 2)
  })
})

describe('what plastic remembers', () => {
  const creeping = { ...still(loop), creep: 1e-3 }
  /** A tenfold of time: 6 bar × the wall's give × 0.001, over the softness of the whole. */
  const tenfold = (6 * loop.creepingWall * 1e-3) / softness(loop, 15, 6)

  it('creeps by as much from 1 to 10 minutes of a clock that begins at 1 as from 10 to 100', () => {
    const crept = (from: number, to: number) =>
      6 -
      after(creeping, 6, [
        { seconds: 60 * from, celsius: 15 },
        { seconds: 60 * to, celsius: 15 },
      ])
    expect([crept(0, 9), crept(9, 99)]).toEqual([expect.closeTo(tenfold, 6), expect.closeTo(tenfold, 6)])
  })

  it('lowered to half, it shrinks back: the gauge rises though nothing runs in', () => {
    const moments = [
      { seconds: 1800, celsius: 15 },
      { seconds: 3600, celsius: 15 },
    ]
    const held = follow(creeping, 6, courseOf(moments, 6, [{ seconds: 0, bar: 6 }]))
    const lowered = follow(creeping, 3, courseOf(moments, 3, [{ seconds: 0, bar: 6 }]))
    expect(held[1]!).toBeLessThan(6)
    expect(lowered[1]!).toBeGreaterThan(3)
    // Six bar from 31 to 61 minutes after the start, three less from 1 to 31 after they went.
    const clock = 6 * Math.log10(61 / 31) - 3 * Math.log10(31)
    expect(3 - lowered[1]!).toBeCloseTo((clock / 6) * tenfold, 6)
  })

  it('what was set anew between is where it goes on from', () => {
    const topped = moments(240, 60).map((of, at) => (at === 2 ? { ...of, startsAt: 6 } : of))
    const bar = follow({ ...still(tenMetres), flow: 1e-4 }, 6, courseOf(topped, 6))
    expect(bar[2]).toBe(6)
    expect(bar[3]).toBeCloseTo(bar[1]!, 3)
  })
})

it('the causes add up to the change, whatever is supposed', () => {
  fc.assert(
    fc.property(
      fc.record({
        flow: fc.double({ min: -0.01, max: 0.01, noNaN: true }),
        level: fc.constantFrom(0, 4, 9),
        air: fc.double({ min: 0, max: 0.01, noNaN: true }),
        dissolved: fc.double({ min: 0, max: 0.4, noNaN: true }),
      }),
      fc.array(fc.double({ min: 8, max: 22, noNaN: true }), { minLength: 2, maxLength: 12 }),
      ({ flow, level, air, dissolved }, warm) => {
        const course = courseOf(
          warm.map((celsius, at) => ({ seconds: 60 * at, celsius })),
          6,
        )
        const causes: { -readonly [cause in keyof Causes]: number } = nothing()
        const supposed = { ...still({ ...loop, air }), flow, level, dissolved, logSofter: 0.2, creep: 0.1 }
        const bar = follow(supposed, 6, course, causes)
        const sum = Object.values(causes).reduce((all, of) => all + of, 0)
        expect(bar.at(-1)! - 6).toBeCloseTo(sum, 6)
      },
    ),
  )
})

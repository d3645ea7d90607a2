import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { said } from '../testing/said'
import { askedTube, type AskedTube } from './asked-tube'
import { markedTube } from './marks-tube'
import { crossoverFour, crossoverThree, offsetTube, twoNineties, offset } from './offset'
import { shapeName } from './shape-name'
import { markTube, type Tube } from './tube'

describe('what a marked tube becomes', () => {
  it('by hand: one 90 of 88 marked at 412 on 862.2', () => {
    const { legs, bends } = markedTube(862.2, [{ at: 412, angle: 90, turn: 0 }], 88)
    expect(legs.map((leg) => Math.round(leg))).toEqual([500, 400])
    expect(bends).toEqual([{ angle: 90, radius: 88, turn: 0 }])
  })

  it('is the tube that the marks were made for', () => {
    const tubes = fc
      .array(fc.record({ angle: fc.integer({ min: 5, max: 120 }), turn: fc.integer({ min: -179, max: 180 }) }), {
        minLength: 1,
        maxLength: 5,
      })
      .chain((bends) =>
        fc.record({
          legs: fc.array(fc.integer({ min: 400, max: 3000 }), {
            minLength: bends.length + 1,
            maxLength: bends.length + 1,
          }),
          bends: fc.constant(bends.map((bend, index) => ({ ...bend, radius: 60, turn: index === 0 ? 0 : bend.turn }))),
        }),
      )
    fc.assert(
      fc.property(tubes, (tube: Tube) => {
        const marked = markTube(tube)
        const marks = marked.bends.map(({ start, angle, turn }) => ({ at: start, angle, turn }))
        const again = markedTube(marked.length, marks, 60)
        expect(again.bends).toEqual(tube.bends)
        again.legs.forEach((leg, index) => expect(leg).toBeCloseTo(tube.legs[index]!, 6))
      }),
    )
  })

  it('bends that run into each other or over an end are refused by how much', () => {
    const of = (length: number, ...at: number[]) =>
      markedTube(
        length,
        at.map((mark) => ({ at: mark, angle: 90, turn: 0 })),
        100,
      )
    expect(() => of(1000, 100, 200)).toThrow(/ 57\.1.mm too near/)
    expect(() => of(1000, -8)).toThrow(/ 8.mm before/)
    expect(() => of(300, 200)).toThrow(/ 57\.1.mm beyond/)
    expect(() => of(300)).toThrow('at least one')
    expect(of(1000, 100, 258).bends).toHaveLength(2)
    expect(() => of(1000, 100, 200)).toThrow(/^Mark 2/)
    // A bend that begins where the tube does, or where the one before ends, or ends where the tube does, is one.
    const arc = 50 * Math.PI
    expect(of(2 * arc, 0, arc).bends).toHaveLength(2)
  })
})

describe('an offset', () => {
  it('of no angle, of less, of more than 90, or of no set is none; at 90 it goes no further along', () => {
    for (const angle of [0, -30, 90.5, NaN]) expect(() => offset(100, angle)).toThrow(/[Aa]ngle/)
    expect(() => offset(0, 45)).toThrow(RangeError)
    expect(offset(100, 90)).toMatchObject({ set: 100, travel: 100, advance: 0, shortening: 100 })
  })
})

describe('shapes have the names that people give them', () => {
  it.each<[Tube, string]>([
    [{ legs: [500], bends: [] }, 'straight'],
    [{ legs: [500, 300], bends: [{ angle: 22.5, radius: 60, turn: 0 }] }, 'one bend of 22.5°'],
    [twoNineties(240, 60, { before: 300, after: 300 }, 'u'), 'a U of two 90s, 240 mm centre to centre'],
    [twoNineties(240, 60, { before: 300, after: 300 }, 's'), 'an S of two 90s, set 240 mm'],
    [offsetTube(50, 45, 60, { before: 300, after: 300 }), 'an offset of 50 mm at 45°'],
    [crossoverThree(60, 22.5, 60, { before: 300, after: 300 }), 'a crossover of 3 bends'],
    [crossoverFour(60, 30, 60, { across: 200, before: 300, after: 300 }), 'a crossover of 4 bends'],
    [
      {
        legs: [300, 300, 300],
        bends: [
          { angle: 90, radius: 60, turn: 0 },
          { angle: 90, radius: 60, turn: 90 },
        ],
      },
      'a tube of 2 bends',
    ],
  ])('%#', (tube, name) => {
    expect(said(shapeName(tube))).toBe(name)
  })
})

describe('the tube that was asked for', () => {
  const asked = {
    kind: 'offset',
    angle: 45,
    set: 50,
    roll: 0,
    before: 300,
    across: 200,
    after: 300,
    length: 862.2,
    marks: [{ at: 412, angle: 90, turn: 0 }],
  } as const
  const legs = (part: Partial<AskedTube>, radius = 30) => askedTube({ ...asked, ...part }, radius).legs.map(Math.round)

  it('has the legs of its shape', () => {
    expect(legs({})).toEqual([300, 71, 300])
    expect(legs({ set: 30, roll: 40 })).toEqual([300, 71, 300])
    expect(legs({ kind: 'bend' })).toEqual([300, 300])
    expect(legs({ kind: 'u' })).toEqual([300, 200, 300])
    expect(legs({ kind: 's', across: 250 })).toEqual([300, 250, 300])
    expect(legs({ kind: 'three', angle: 30 })).toEqual([300, 100, 100, 300])
    expect(legs({ kind: 'four', angle: 30 })).toEqual([300, 100, 200, 100, 300])
    expect(legs({ kind: 'marks' }, 88)).toEqual([500, 400])
  })

  it('is refused where its bends have no room, by how much', () => {
    // Two set-backs of 100 are 200: 50 more than there is.
    expect(() => legs({ kind: 'u', across: 150 }, 100)).toThrow(/bends 1 and 2 overlap by 50.mm/)
    expect(() => legs({ kind: 'bend', angle: 90, before: 40 }, 60)).toThrow(/begin 20.mm beyond the pipe’s first end/)
    expect(() => legs({ kind: 'bend', angle: 90, after: 40 }, 60)).toThrow(/begin 20.mm beyond the pipe’s last end/)
    expect(() => legs({ kind: 'marks', length: 0 })).toThrow('Length')
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { said } from '../testing/said'
import { pipeId } from '../testing/sample-run'
import { bendAgainstElbow } from './against-elbow'
import { calibrate, calibrated, markFromStart, pullTo, type Bender } from './bender'
import { benderSchema } from './bender-schema'
import { bendingOrder, trimForGrip } from './bending-order'
import { bendLengths } from './geometry'
import { distance } from '../quantity/vector'
import { centreLine } from './centre-line'
import { bendVerdict, usualRadius, usualBending, bendVerdictAnyhow } from './limits'
import { crossoverFour, crossoverThree, offset, offsetTube } from './offset'
import { tubes } from '../testing/sample-tubes'
import { markTube, reverseTube, type Tube } from './tube'

const bend = (angle: number, radius = 88, turn = 0) => ({ angle, radius, turn })
const bender = (part: Partial<Bender> = {}): Bender =>
  benderSchema.parse({ name: 'the blue one', od: 22, radius: 88, grip: 60, shoe: 100, ...part })

describe('marks on a tube, all from one end', () => {
  it('one bend of 88 at 90 degrees: set-back 88, arc 138.23, gain 37.77', () => {
    const { length, bends, straights } = markTube({ legs: [500, 400], bends: [bend(90)] })
    expect(length).toBeCloseTo(862.23, 2)
    expect(bends[0]).toMatchObject({ start: 412, corner: 500, end: expect.closeTo(550.23, 2) })
    expect(straights).toEqual([412, expect.closeTo(312, 6)])
  })

  it('is none without a radius, without an angle, or turned right back', () => {
    for (const [radius, angle] of [
      [0, 90],
      [-1, 90],
      [88, 0],
      [88, -1],
      [88, 180],
      [88, NaN],
    ] as const)
      expect(() => bendLengths(radius, angle)).toThrow(RangeError)
    expect(bendLengths(88, 179).setBack).toBeGreaterThan(10_000)
  })

  it('the second bend is marked from the same end: 500 + 400 less one gain and one set-back', () => {
    const [, second] = markTube({ legs: [500, 400, 300], bends: [bend(90), bend(90)] }).bends
    expect(second?.start).toBeCloseTo(900 - 37.77 - 88, 2)
  })

  it('developed length is the integral of the centre line', () => {
    fc.assert(
      fc.property(tubes, (tube) => {
        const { line } = centreLine(tube, 0.5)
        const integral = line.slice(1).reduce((sum, place, index) => sum + distance(place, line[index]!), 0)
        // Chords of half a degree are shorter than their arcs by three in a million.
        expect(integral / markTube(tube).length).toBeCloseTo(1, 4)
      }),
    )
  })

  it('the corners stand as far apart as the legs say, and turn by the angle', () => {
    fc.assert(
      fc.property(tubes, (tube) => {
        const { corners } = centreLine(tube)
        tube.legs.forEach((leg, index) => expect(distance(corners[index]!, corners[index + 1]!)).toBeCloseTo(leg, 5))
      }),
    )
  })

  it('told from the other end, lengths stay and ends lie as far apart', () => {
    fc.assert(
      fc.property(tubes, (tube) => {
        const ends = (of: Tube) => {
          const { corners } = centreLine(of)
          return distance(corners[0]!, corners.at(-1)!)
        }
        const other = reverseTube(tube)
        expect(markTube(other).length).toBeCloseTo(markTube(tube).length, 6)
        expect(ends(other)).toBeCloseTo(ends(tube), 4)
        expect(reverseTube(other)).toEqual(tube)
      }),
    )
  })

  it('scales: everything twice as large is marked twice as far', () => {
    fc.assert(
      fc.property(tubes, fc.integer({ min: 2, max: 5 }), (tube, k) => {
        const large = markTube({
          legs: tube.legs.map((leg) => leg * k),
          bends: tube.bends.map((of) => ({ ...of, radius: of.radius * k })),
        })
        markTube(tube).bends.forEach(({ start }, index) => expect(large.bends[index]!.start).toBeCloseTo(start * k, 5))
      }),
    )
  })

  it('refuses legs that do not go with the bends', () => {
    expect(() => markTube({ legs: [500], bends: [bend(90)] })).toThrow(RangeError)
  })
})

describe('offsets and crossovers', () => {
  it.each([
    [45, 141.4, 100, 41.4],
    [30, 200, 173.2, 26.8],
    [60, 115.5, 57.7, 57.7],
    [90, 100, 0, 100],
  ])('a set of 100 at %d°: travel %d, advance %d, shortening %d', (angle, travel, advance, shortening) => {
    const found = offset(100, angle)
    expect(found.travel).toBeCloseTo(travel, 1)
    expect(found.advance).toBeCloseTo(advance, 1)
    expect(found.shortening).toBeCloseTo(shortening, 1)
    expect(found.shortening).toBeCloseTo(100 * Math.tan((angle * Math.PI) / 360), 9)
  })

  it('a rolling offset of 300 up and 400 aside: set 500, roll 53.13°', () => {
    expect(offset(300, 45, 400)).toMatchObject({
      set: 500,
      roll: expect.closeTo(53.13, 2),
      travel: expect.closeTo(707.1, 1),
    })
  })

  it('comes out beside the run it left, at its set; crossovers come back to it', () => {
    const last = (tube: Tube) => centreLine(tube).corners.at(-1)!
    expect(last(offsetTube(100, 45, 50, { before: 300, after: 300 }))[1]).toBeCloseTo(100, 6)
    expect(last(crossoverThree(60, 22.5, 50, { before: 300, after: 300 }))[1]).toBeCloseTo(0, 6)
    expect(centreLine(crossoverThree(60, 22.5, 50, { before: 300, after: 300 })).corners[2]?.[1]).toBeCloseTo(60, 6)
    expect(last(crossoverFour(60, 45, 50, { across: 200, before: 300, after: 300 }))[1]).toBeCloseTo(0, 6)
  })

  it('refuses no set and an angle past square', () => {
    expect(() => offset(0, 45)).toThrow(/Set/)
    expect(() => offset(100, 91)).toThrow(/Angle/)
    expect(() => crossoverThree(60, 90, 50, { before: 1, after: 1 })).toThrow(/Angle/)
  })
})

describe('a bender and its calibration', () => {
  it('marks by the three schools: at the start, at the centre line one set-back on, at the edge', () => {
    expect(markFromStart(bender(), 90)).toBe(0)
    expect(markFromStart(bender({ school: 'centre line' }), 90)).toBeCloseTo(88, 6)
    expect(markFromStart(bender({ school: 'former edge', markOffset: 4 }), 90)).toBe(4)
  })

  it('pulls further by the spring-back, which grows with the angle', () => {
    expect(pullTo(bender({ springBack: 3 }), 90)).toBe(93)
    expect(pullTo(bender({ springBack: 3 }), 30)).toBe(31)
  })

  it('its own offset: between two calibrated angles in proportion, beyond them the nearest, none this way the common one', () => {
    const marks = [
      { angle: 90, direction: 'forwards' as const, offset: -4 },
      { angle: 45, direction: 'forwards' as const, offset: -1 },
      { angle: 60, direction: 'backwards' as const, offset: 7 },
    ]
    const own = bender({ marks, markOffset: 2 })
    const at = (angle: number, direction?: 'forwards' | 'backwards') => markFromStart(own, angle, direction)
    // Two thirds of the way from 45 to 90: −1 less two thirds of 3.
    expect([at(45), at(60), at(75), at(90)]).toEqual([-1, -2, -3, -4])
    expect([at(30), at(120)]).toEqual([-1, -4])
    expect([at(45, 'backwards'), at(90, 'backwards')]).toEqual([7, 7])
    expect(markFromStart(bender({ marks: marks.slice(2), markOffset: 2 }), 60)).toBe(2)
  })

  it('a scrap of 400 that came out 262 by 175.77: radius 88, start at 174', () => {
    const found = calibrate({ length: 400, mark: 170, pulled: 93, angle: 90, first: 262, second: 175.77 })
    expect(found).toMatchObject({
      radius: expect.closeTo(88, 1),
      radiusTolerance: expect.closeTo(3.5, 1), // 1.5 / 0.4292
      markFromStart: expect.closeTo(-4, 1),
      springBack: 3,
    })
  })

  it('finds the bender that made the scrap, whatever it was', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 150 }),
        fc.integer({ min: 45, max: 120 }),
        fc.integer({ min: -20, max: 20 }),
        fc.constantFrom('start of bend', 'centre line', 'former edge'),
        (radius, angle, own, school) => {
          const real = bender({ radius, school, markOffset: own, springBack: 2 })
          const { length, bends } = markTube({ legs: [500, 450], bends: [bend(angle, radius)] })
          const scrap = {
            length,
            mark: bends[0]!.start + markFromStart(real, angle),
            pulled: pullTo(real, angle),
            angle,
            first: 500,
            second: 450,
          }
          const found = calibrated(bender({ radius: 99, school }), scrap, '2026-11-24')
          expect(found).toMatchObject({ radius, markOffset: own, springBack: 2 })
        },
      ),
    )
  })

  it('keeps a mark for each angle and direction; made again, it takes the place of the old one', () => {
    const scrap = { length: 400, mark: 170, pulled: 93, angle: 90, first: 262, second: 175.77 }
    const marksOf = (of: Bender) => of.marks.map(({ angle, direction, offset }) => [angle, direction, offset])
    const once = calibrated(bender({}), scrap, '2026-11-24')
    const back = calibrated(once, { ...scrap, mark: 172 }, '2026-11-24', 'backwards')
    // 45 of 88 takes 36.45 on either side and is 69.12 round: 250 + 153.78 corners, its start at 213.55.
    const half = { length: 400, mark: 210, pulled: 46, angle: 45, first: 250, second: 153.78 }
    const both = calibrated(back, half, '2026-11-24')
    expect(marksOf(both)).toEqual([
      [90, 'forwards', -4],
      [90, 'backwards', -2],
      [45, 'forwards', expect.closeTo(-3.5, 0)],
    ])
    expect(marksOf(calibrated(both, { ...scrap, mark: 171 }, '2026-11-25'))).toEqual([
      [90, 'backwards', -2],
      [45, 'forwards', expect.closeTo(-3.5, 0)],
      [90, 'forwards', -3],
    ])
  })

  it('says which figure cannot be', () => {
    const scrap = { length: 400, mark: 170, pulled: 93, angle: 90, first: 262, second: 175.77 }
    expect(() => calibrate({ ...scrap, first: 200 })).toThrow(/Legs/)
    expect(() => calibrate({ ...scrap, pulled: 80 })).toThrow(/Pulled/)
    expect(() => calibrate({ ...scrap, angle: 5 })).toThrow(/Angle/)
    expect(() => calibrate({ ...scrap, first: 60, second: 380 })).toThrow(/First leg/)
  })
})

describe('the order of bending', () => {
  const room = { grip: 60, shoe: 100 }
  it('goes along the tube from one end where there is room everywhere', () => {
    const order = bendingOrder(markTube({ legs: [500, 500, 500], bends: [bend(90), bend(90)] }), room)
    expect(order).toMatchObject({
      ok: true,
      flips: 0,
      steps: [
        { bend: 0, hold: 'first end' },
        { bend: 1, hold: 'first end' },
      ],
    })
  })

  it('of two bends 40 apart the far one is made first: the hook finds no room on 40', () => {
    // 216 between the corners leaves 216 − 176 = 40 straight: too little under the hook once the first is made.
    const order = bendingOrder(markTube({ legs: [500, 216, 500], bends: [bend(90), bend(90)] }), room)
    expect(order).toMatchObject({ ok: true, flips: 0, steps: [{ bend: 1 }, { bend: 0 }] })
  })

  it('of two bends a hand apart the first is made first where only the far end can be held: made later, it has 100 for a hook of 150', () => {
    // Set-backs of 88: straights of 20, 100 and 400. Held at the far end, the first bend finds 100 only once the second is made.
    const tube = markTube({ legs: [108, 276, 488], bends: [bend(90), bend(90)] })
    const order = bendingOrder(tube, { grip: 150, shoe: 100 })
    expect(order.ok && order.steps.map(({ bend: at, hold }) => [at, hold])).toEqual([
      [0, 'second end'],
      [1, 'second end'],
    ])
  })

  it('a bend too near to both ends is named, with what is missing', () => {
    const order = bendingOrder(markTube({ legs: [120, 130], bends: [bend(90)] }), room)
    expect(order).toMatchObject({
      ok: false,
      bend: 0,
      lacks: 18,
      problem: { message: 'no grip', values: { lacks: 18 } },
    })
  })

  it('where the hook finds its straight and the shoe does not, nothing is lacking under the hook', () => {
    // 60 under the hook; 138 of the bend itself and 12 after it under the shoe.
    const tube = markTube({ legs: [148, 100], bends: [bend(90)] })
    expect(bendingOrder(tube, { grip: 60, shoe: 200 })).toMatchObject({
      ok: false,
      bend: 0,
      lacks: null,
      problem: { message: 'no shoe' },
    })
  })

  it('a straight that just holds the hook, and one that just holds the shoe, are enough', () => {
    const tube = markTube({ legs: [148, 100], bends: [bend(90)] })
    const shoe = 44 * Math.PI + 12
    expect(bendingOrder(tube, { grip: 60, shoe }).ok).toBe(true)
    expect(bendingOrder(tube, { grip: 60, shoe: shoe + 0.01 }).ok).toBe(false)
    expect(bendingOrder(tube, { grip: 60.01, shoe }).ok).toBe(false)
  })

  it('is sought for nine bends, and refused for ten', () => {
    const zigzag = (count: number) =>
      markTube({
        legs: Array.from({ length: count + 1 }, () => 500),
        bends: Array.from({ length: count }, (_, index) => ({ ...bend(45), turn: index === 0 ? 0 : 180 })),
      })
    expect(bendingOrder(zigzag(9), room)).toMatchObject({ ok: true, flips: 0 })
    expect(bendingOrder(zigzag(10), room)).toEqual({
      ok: false,
      bend: 9,
      lacks: null,
      problem: expect.objectContaining({ message: 'many', values: { most: 9 } }),
    })
  })

  it('a longer tube, cut off after, gives it its grip', () => {
    expect(trimForGrip(markTube({ legs: [120, 130], bends: [bend(90)] }), room)).toEqual({ first: 0, last: 18 })
    expect(trimForGrip(markTube({ legs: [500, 500], bends: [bend(90)] }), room)).toEqual({ first: 0, last: 0 })
  })

  it('is made longer at the end that is too short for the hook, and not where nothing is bent', () => {
    expect(trimForGrip(markTube({ legs: [500], bends: [] }), { grip: 600, shoe: 100 })).toEqual({ first: 0, last: 0 })
    // 148 and 140 less the set-back of 88: 60 and 52.
    expect(trimForGrip(markTube({ legs: [130, 148], bends: [bend(90)] }), { grip: 70, shoe: 100 })).toEqual({
      first: 0,
      last: 10,
    })
    expect(trimForGrip(markTube({ legs: [148, 130], bends: [bend(90)] }), { grip: 70, shoe: 100 })).toEqual({
      first: 0,
      last: 28,
    })
  })

  it('every step of an order found has its straight', () => {
    fc.assert(
      fc.property(tubes, (tube) => {
        const marked = markTube(tube)
        const order = bendingOrder(marked, room)
        if (!order.ok) return
        expect(order.steps.map((step) => step.bend).toSorted()).toEqual(tube.bends.map((_, index) => index))
        const made = new Set<number>()
        for (const { bend: at, hold, grip, shoe } of order.steps) {
          expect(grip).toBeGreaterThanOrEqual(room.grip - 1e-6)
          expect(shoe).toBeGreaterThanOrEqual(room.shoe - 1e-6)
          // Straight from the bend to the nearest that is made, or to the tube's end; the shoe lies on the bend too.
          const { start, end } = marked.bends[at]!
          const others = marked.bends.filter((_, index) => made.has(index))
          const before = start - Math.max(0, ...others.filter((of) => of.end <= start).map((of) => of.end))
          const after = Math.min(marked.length, ...others.filter((of) => of.start >= end).map((of) => of.start)) - end
          const [under, beyond] = hold === 'first end' ? [before, after] : [after, before]
          expect([grip, shoe]).toEqual([under, end - start + beyond])
          made.add(at)
        }
      }),
    )
  })
})

describe('whether it may be bent at all', () => {
  const pex = shippedCatalogue.pipe(pipeId('EN ISO 15875', '16', 'pex-a'))!
  it.each([
    [130, 'fits'],
    [90, 'caution'],
    [80, 'caution'],
    [79, 'refuse'],
  ] as const)('PEX of 16 at %d: %s', (radius, verdict) => {
    expect(bendVerdictAnyhow(pex, radius).verdict).toBe(verdict)
  })

  it('where no way holds it, what is said is the least that any asks', () => {
    expect(bendVerdictAnyhow(pex, 40).leastRadius).toBe(80)
    expect(said(bendVerdictAnyhow(pex, 90))).toMatch(/ 80.mm/)
    const steel = shippedCatalogue.pipe(pipeId('EN 10255', '1/2'))!
    expect(bendVerdictAnyhow(steel, 500)).toMatchObject({ verdict: 'refuse', leastRadius: null })
  })
})

describe('which pipe may be bent', () => {
  const pipe = (standard: string, nominal: string, having?: string | number) =>
    shippedCatalogue.pipe(pipeId(standard, nominal, having))!
  it.each([
    ['half-hard 22 in a bender', pipe('EN 1057', '22', 0.9), 88, 'bender', 'fits'],
    ['half-hard 22 by hand', pipe('EN 1057', '22', 0.9), 88, 'hand', 'refuse'],
    ['hard grade L', pipe('ASTM B88', '1/2', 'L'), 60, 'bender', 'caution'],
    ['half-hard 42', pipe('EN 1057', '42'), 200, 'bender', 'refuse'],
    ['half-hard 28, the largest in a bender', pipe('EN 1057', '28'), 114, 'bender', 'fits'],
    ['inch copper of 1, the largest in a bender', pipe('ASTM B88', '1', 'L'), 114, 'bender', 'caution'],
    ['soft 15 by hand', pipe('EN 1057', '15', 'R220'), 60, 'hand', 'fits'],
    ['copper at 2.5 times its diameter', pipe('EN 1057', '22', 0.9), 55, 'bender', 'fits'],
    ['copper tighter', pipe('EN 1057', '22', 0.9), 54.9, 'bender', 'refuse'],
    ['multilayer 16 by hand to 80', pipe('EN ISO 21003', '16'), 80, 'hand', 'fits'],
    ['multilayer 16 by hand to 60', pipe('EN ISO 21003', '16'), 60, 'hand', 'refuse'],
    ['multilayer 16 in a bender to 48', pipe('EN ISO 21003', '16'), 48, 'bender', 'fits'],
    ['PEX half inch to 8 × 15.875', pipe('ASTM F876', '1/2', 'pex-b'), 127, 'hand', 'fits'],
    ['PEX half inch tighter', pipe('ASTM F876', '1/2', 'pex-b'), 120, 'hand', 'refuse'],
    ['PVC-U', pipe('ASTM D1785', '1/2'), 200, 'hand', 'refuse'],
    ['stainless of 22 in a bender to 3.5 × 22', pipe('EN 10312', '22'), 77, 'bender', 'fits'],
    ['stainless of 22 tighter', pipe('EN 10312', '22'), 76.9, 'bender', 'refuse'],
    ['stainless of 22 by hand', pipe('EN 10312', '22'), 200, 'hand', 'refuse'],
    ['PE, of which no least radius is known', pipe('EN 12201', '25'), 500, 'hand', 'caution'],
  ] as const)('%s: %s', (_, of, radius, way, verdict) => expect(bendVerdict(of, radius, way).verdict).toBe(verdict))
})

it('what holds is said with its least radius: stainless of 22 at 77; of PE none is known', () => {
  const told = (standard: string, nominal: string) =>
    bendVerdict(shippedCatalogue.pipe(pipeId(standard, nominal))!, 100, 'bender')
  expect(told('EN 10312', '22')).toMatchObject({ leastRadius: 77, values: { times: 3.5, least: 77 } })
  expect(told('EN 12201', '25')).toMatchObject({ leastRadius: null, message: 'unknown' })
})

it('plans with the least radius of the way: PEX 8 by hand, 5 with a support; multilayer 5 and 3; copper 4', () => {
  const of = (standard: string, nominal: string) => shippedCatalogue.pipe(pipeId(standard, nominal))!
  const multilayer = of('EN ISO 21003', '16')
  expect([usualBending(multilayer), usualRadius(multilayer, 'hand'), usualRadius(multilayer, 'bender')]).toEqual([
    'hand',
    80,
    48,
  ])
  const pex = of('EN ISO 15875', '16')
  expect([usualRadius(pex, 'hand'), usualRadius(pex, 'spring or support')]).toEqual([128, 80])
  const copper = of('EN 1057', '22')
  expect([usualBending(copper), usualRadius(copper, 'bender')]).toEqual(['bender', 88])
})

it('bend against elbow: no joint and less pipe, but more room', () => {
  const {
    bend: bent,
    elbow,
    gain,
  } = bendAgainstElbow({
    angle: 90,
    radius: 88,
    bending: 'bender',
    elbowFace: 30,
    jointMinutes: 6,
    elbowPrice: 1,
    hourPrice: 60,
  })
  expect([bent.room, bent.joints, elbow.room, elbow.joints, elbow.minutes, elbow.cost]).toEqual([
    expect.closeTo(88, 9),
    0,
    30,
    2,
    12,
    13,
  ])
  expect(gain).toBeCloseTo(37.77, 2)
})

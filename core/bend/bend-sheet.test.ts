import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bendSheet } from './bend-sheet'
import type { Bender } from './bender'
import { benderSchema } from './bender-schema'
import { centreLine } from './centre-line'
import { drawTube } from '../draw/draw-tube'
import { offsetTube } from './offset'
import { markTube, reverseTube, type Tube } from './tube'

const od = 22
const bend = (angle: number, turn = 0) => ({ angle, radius: 88, turn })
const bender = (part: Partial<Bender> = {}): Bender =>
  benderSchema.parse({
    name: 'the long one',
    od,
    radius: 88,
    grip: 60,
    shoe: 100,
    springBack: 3,
    markOffset: -4,
    ...part,
  })
const corner: Tube = { legs: [500, 400], bends: [bend(90)] }

describe('a bent tube on paper', () => {
  it('lies in its box with 12 in the hundred of its longer side and 20 round it', () => {
    const { box, line } = drawTube({ legs: [500, 300], bends: [bend(90)] })
    const [xs, ys] = [line.map(([x]) => x), line.map(([, y]) => y)]
    const [left, top, right, bottom] = [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)]
    expect([right - left, bottom - top].toSorted((a, b) => a - b)).toEqual([
      expect.closeTo(300, 6),
      expect.closeTo(500, 6),
    ])
    const pad = 0.12 * 500 + 20
    const expected = [left - pad, top - pad, right - left + 2 * pad, bottom - top + 2 * pad]
    expect(box.map((side, index) => Math.abs(side - expected[index]!) < 1e-6)).toEqual([true, true, true, true])
  })
})

describe('the bend sheet', () => {
  it('says how far a finished leg hangs below the bender: 500 of it, and half of 22', () => {
    const square = { legs: [500, 400, 300], bends: [bend(90), bend(90, 90)] }
    expect(bendSheet(square, bender({ markOffset: 0 }), od).below).toBeCloseTo(511, 6)
    expect(bendSheet(corner, bender(), od).below).toBe(0)
  })

  it('one bend: start 500 − 88 = 412, this bender’s mark 4 before it, pull to 93', () => {
    const { length, blank, trim, marks } = bendSheet(corner, bender(), od)
    expect(length).toBeCloseTo(862.23, 2)
    expect([blank, trim]).toEqual([length, { first: 0, last: 0 }])
    expect(marks).toEqual([
      expect.objectContaining({ bend: 0, hold: 'first end', mark: 408, start: 412, angle: 90, pull: 93, round: 0 }),
    ])
  })

  it.each([
    ['start of bend', 408],
    // The next leg's centre line crosses the straight tube one set-back after the start.
    ['centre line', 496],
    ['former edge', 408],
  ] as const)('marked by the %s: at %d', (school, at) =>
    expect(bendSheet(corner, bender({ school }), od).marks[0]!.mark).toBeCloseTo(at, 6),
  )

  it('held at the second end where the first is too short to grip: the mark is measured back from the bend’s end', () => {
    // Straight before the bend 120 − 88 = 32; end of bend 32 + 138.23 = 170.23, and 4 towards the hook.
    const [mark] = bendSheet({ legs: [120, 500], bends: [bend(90)] }, bender(), od).marks
    expect(mark).toMatchObject({ hold: 'second end', mark: expect.closeTo(174.23, 2) })
  })

  it('a mark that is calibrated each way is taken by the end that is held: 6 before the start, 9 beyond the end', () => {
    const ways = bender({
      marks: [
        { angle: 90, direction: 'forwards', offset: -6 },
        { angle: 90, direction: 'backwards', offset: -9 },
      ],
    })
    expect(bendSheet(corner, ways, od).marks[0]).toMatchObject({ hold: 'first end', mark: 406 })
    const [back] = bendSheet({ legs: [120, 500], bends: [bend(90)] }, ways, od).marks
    expect(back).toMatchObject({ hold: 'second end', mark: expect.closeTo(179.23, 2) })
  })

  it('cut longer where neither end can be gripped, and cut off after: 130 − 88 = 42 straight, 18 more', () => {
    const { length, blank, trim } = bendSheet({ legs: [120, 130], bends: [bend(90)] }, bender(), od)
    expect(trim).toEqual({ first: 0, last: 18 })
    expect(blank).toBeCloseTo(length + 18, 9)
  })

  it('an offset: the second bend lies opposite the back line, half way round 22: 34.6', () => {
    const { marks, below } = bendSheet(
      offsetTube(100, 45, 57.5, { before: 300, after: 300 }),
      bender({ radius: 57.5, markOffset: 0 }),
      od,
    )
    // 300 − 57.5 tan 22.5° = 276.18; the second 141.42 on along the tube, less one gain.
    expect(marks.map(({ start }) => start)).toEqual([expect.closeTo(276.18, 2), expect.closeTo(415.13, 1)])
    expect(marks[1]).toMatchObject({ round: 180, roundAlong: expect.closeTo(34.56, 2), pull: 46.5 })
    // Both bends lie in one plane.
    expect(below).toBe(0)
  })

  it('without a bender the marks stand at the start of each bend, and pull is the angle itself', () => {
    const [mark] = bendSheet(corner, null, od).marks
    expect(mark).toMatchObject({ mark: 412, pull: 90 })
  })

  it('told from the other end, every mark is as far from that end', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 110 }),
        fc.integer({ min: 350, max: 900 }),
        fc.integer({ min: 350, max: 900 }),
        (angle, before, after) => {
          const tube: Tube = { legs: [before, after], bends: [bend(angle)] }
          const [one, other] = [bendSheet(tube, null, od), bendSheet(reverseTube(tube), null, od)]
          expect(other.length).toBeCloseTo(one.length, 6)
          expect(other.marks[0]!.start).toBeCloseTo(one.length - one.marks[0]!.end, 6)
        },
      ),
    )
  })
})

describe('the drawing of a tube', () => {
  it('lies flat where all bends are in one plane, its line as long as the tube', () => {
    const { line, corners, box } = drawTube(corner)
    const drawn = line.slice(1).reduce((sum, [x, y], at) => sum + Math.hypot(x - line[at]![0], y - line[at]![1]), 0)
    // A chord of 3 degrees is a twentieth of a per mille shorter than its arc.
    expect(drawn).toBeCloseTo(markTube(corner).length, 0)
    expect(corners[1]).toEqual([500, expect.closeTo(0, 9)])
    line.forEach(([x, y]) => {
      expect(x).toBeGreaterThan(box[0])
      expect(x).toBeLessThan(box[0] + box[2])
      expect(y).toBeGreaterThan(box[1])
      expect(y).toBeLessThan(box[1] + box[3])
    })
  })

  it('is isometric where they are not: every corner apart on paper', () => {
    const twisted: Tube = { legs: [500, 400, 300], bends: [bend(90), bend(90, 90)] }
    expect(centreLine(twisted).line.some(([, , z]) => Math.abs(z) > 100)).toBe(true)
    const { corners } = drawTube(twisted)
    const apart = corners.slice(1).map(([x, y], at) => Math.hypot(x - corners[at]![0], y - corners[at]![1]))
    expect(Math.min(...apart)).toBeGreaterThan(100)
  })
})

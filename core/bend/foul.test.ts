import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { said } from '../testing/said'
import { bendingOrder } from './bending-order'
import { markedFromOtherEnd, sweepOf } from './foul'
import { tubes } from '../testing/sample-tubes'
import { segmentDistance } from './segment-distance'
import { markTube, reverseTube } from './tube'

const bend = (angle: number, radius = 88, turn = 0) => ({ angle, radius, turn })

describe('what a tube hits', () => {
  const od = 22
  const none = new Set<number>()
  const room = { grip: 60, shoe: 100, od }

  it('the distance of two lines: crossing 3 apart, in line 5 apart, side by side', () => {
    const along = [
      [0, 0, 0],
      [10, 0, 0],
    ] as const
    expect(
      segmentDistance(along, [
        [5, -5, 3],
        [5, 5, 3],
      ]),
    ).toBeCloseTo(3, 9)
    expect(
      segmentDistance(along, [
        [15, 0, 0],
        [20, 0, 0],
      ]),
    ).toBeCloseTo(5, 9)
    expect(
      segmentDistance(along, [
        [2, 4, 0],
        [8, 4, 0],
      ]),
    ).toBeCloseTo(4, 9)
  })

  it('a first bend stays in its plane and hits nothing', () => {
    const tube = markTube({ legs: [500, 400, 500], bends: [bend(90), bend(90)] })
    expect(sweepOf(tube, od, { made: none, bend: 0, hold: 'first end' })).toEqual({ below: 0, foul: null })
  })

  it('a bend square to an earlier one has that one’s leg below the plane, held from one end or above it from the other', () => {
    // First bend made: its leg of 500 lies square to the second bend’s plane, to one side.
    const tube = markTube({ legs: [500, 400, 500], bends: [bend(90), bend(90, 88, 90)] })
    const reaches = (['first end', 'second end'] as const).map(
      (hold) => sweepOf(tube, od, { made: new Set([0]), bend: 1, hold }).below,
    )
    expect(Math.min(...reaches)).toBe(0)
    // The leg's end lies its whole 500 from the corner, and so from the plane; the tube's own half comes on top.
    expect(Math.max(...reaches)).toBeCloseTo(500 + od / 2, 0)
  })

  it('holds the other end where the bench is in the way, and says so where both are', () => {
    const tube = markTube({ legs: [500, 400, 500], bends: [bend(90), bend(90, 88, 90)] })
    const order = bendingOrder(tube, { ...room, below: 150 })
    expect(order.ok && order.steps.every(({ below }) => below <= 150)).toBe(true)
    // Ends of 140 are too short to be held: each bend is held from the middle, and the first one's end points down.
    const short = markTube({ legs: [140, 400, 140], bends: [bend(90), bend(90, 88, 90)] })
    const low = bendingOrder(short, { ...room, below: 20 })
    expect(low.ok ? '' : said(low.problem)).toMatch(/hits the bench/)
    const high = bendingOrder(short, { ...room, below: 160 })
    expect(high.ok && high.steps.map(({ below }) => Math.round(below))).toEqual([0, 151]) // 140 and half of 22
    // A bender that bends to the other side has it pointing up.
    expect(bendingOrder(short, { ...room, below: 20, turns: 'right' }).ok).toBe(true)
  })

  it('bends that follow each other without a straight between are looked at too', () => {
    // 88 tan 45° on either side of each corner: the straights are nothing.
    const tight = markTube({ legs: [88, 176, 88], bends: [bend(90), bend(90, 88, 180)] })
    expect(tight.straights.map((mm) => Math.round(mm))).toEqual([0, 0, 0])
    expect(sweepOf(tight, od, { made: new Set([0]), bend: 1, hold: 'first end' })).toMatchObject({ below: 0 })
  })

  it('the straights beside a bend are near to each other and are not in each other’s way', () => {
    // 11.5 between the ends of a bend of ten degrees at 66, less than the 22 of the tube.
    const slight = markTube({ legs: [400, 400], bends: [bend(10, 66)] })
    expect(sweepOf(slight, od, { made: none, bend: 0, hold: 'first end' }).foul).toBeNull()
  })

  it('what is in the way only half way round is in the way', () => {
    // A hook of 200, 150 and 300; its last leg of 250 swings over the first one's end and comes to lie within.
    const hook = (last: number) =>
      markTube({ legs: [200, 150, 300, 250], bends: [bend(90, 40), bend(90, 40), bend(last, 40)] })
    const made = new Set([0, 1])
    expect(sweepOf(hook(150), 15, { made, bend: 2, hold: 'first end' }).foul).toBe('the tube itself')
    expect(sweepOf(hook(60), 15, { made, bend: 2, hold: 'first end' }).foul).toBeNull()
  })

  it('a leg that leans over the former is in its way; bent the other way it is not', () => {
    // No straight between: past square and tighter, the first leg lies 10 from the middle of the second bend's former.
    const legs = [300, 20 * Math.tan(Math.PI / 3) + 40, 300]
    const over = markTube({ legs, bends: [bend(120, 20), bend(90, 40)] })
    expect(sweepOf(over, 15, { made: new Set([0]), bend: 1, hold: 'first end' }).foul).toBe('the former')
    const away = markTube({ legs, bends: [bend(120, 20), bend(90, 40, 180)] })
    expect(sweepOf(away, 15, { made: new Set([0]), bend: 1, hold: 'first end' }).foul).toBeNull()
  })

  it('a tube that closes on itself is refused: four bends the same way, legs that meet', () => {
    const ring = markTube({ legs: [400, 300, 300, 300, 400], bends: [bend(90), bend(90), bend(90), bend(90)] })
    const order = bendingOrder(ring, room)
    expect(order.ok ? '' : said(order.problem)).toMatch(/hits itself or the former/)
  })

  it('from either end the sweep is that of the tube told from the other end', () => {
    fc.assert(
      fc.property(tubes, (tube) => {
        const [marked, back] = [markTube(tube), markTube(reverseTube(tube))]
        const last = tube.bends.length - 1
        const one = sweepOf(marked, od, { made: new Set([0]), bend: last, hold: 'second end' })
        const other = sweepOf(back, od, { made: new Set([last]), bend: 0, hold: 'first end' })
        fc.pre(last > 0)
        expect(one.below).toBeCloseTo(other.below, 6)
        expect(one.foul).toBe(other.foul)
      }),
    )
  })
})

describe('a tube from its other end', () => {
  it('is marked as the tube told the other way round', () => {
    fc.assert(
      fc.property(tubes, (tube) => {
        const [one, other] = [markedFromOtherEnd(markTube(tube)), markTube(reverseTube(tube))]
        expect(one.length).toBeCloseTo(other.length, 6)
        one.straights.forEach((straight, index) => expect(straight).toBeCloseTo(other.straights[index]!, 6))
        one.bends.forEach((bend, index) => {
          const same = other.bends[index]!
          for (const at of ['start', 'middle', 'end', 'corner', 'angle', 'radius', 'turn'] as const)
            expect(bend[at]).toBeCloseTo(same[at], 6)
        })
      }),
    )
  })
})

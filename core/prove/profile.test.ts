import { describe, expect, it } from 'vitest'
import { ownTestSchema } from '../workshop/own-test-schema'
import { copyOf } from './own-profile'
import { fall, pressureAt, raisedTo, stepAt } from './profile'
import { isToldWhole, testProfileOf, type TestProfileId } from './profiles'
import type { Reading } from './readings'

/** Readings as seconds and bar. */
const read = (...pairs: (readonly [number, number])[]): Reading[] => pairs.map(([seconds, bar]) => ({ seconds, bar }))

describe('the pressure at a moment', () => {
  it('is the mean of what was read within 20 seconds, and on the line between what stands about it', () => {
    const readings = read([0, 6], [30, 5.9], [50, 5.7], [110, 5.1])
    expect(pressureAt(readings, 40)).toBeCloseTo(5.8, 9)
    // A third of the way from 5.7 to 5.1.
    expect(pressureAt(readings, 70.5)).toBeCloseTo(5.7 - (0.6 * 20.5) / 60, 9)
    expect(pressureAt(readings, 80)).toBeCloseTo(5.4, 9)
  })

  it('reaches 20 seconds beyond the readings and no further', () => {
    const readings = read([100, 6], [200, 5])
    expect([80, 79].map((seconds) => pressureAt(readings, seconds))).toEqual([6, null])
    expect([220, 221].map((seconds) => pressureAt(readings, seconds))).toEqual([5, null])
    expect(pressureAt([], 0)).toBeNull()
  })

  it('raised to is the most within a minute; with nothing read then it is not known', () => {
    const readings = read([10, 6.2], [60, 6.6], [61, 7], [300, 8])
    expect(raisedTo(readings, 0)).toBe(6.6)
    expect(raisedTo(readings, 150)).toBeNull()
    expect(raisedTo(readings, 240)).toBe(8)
  })

  it('a fall is told in hundredths of a bar, and not where one of its ends was not read', () => {
    expect(fall(read([0, 6.004], [600, 5.987]), 0, 600)).toBeCloseTo(0.02, 9)
    expect(fall(read([0, 6], [600, 6.1]), 0, 600)).toBeCloseTo(-0.1, 9)
    expect(fall(read([0, 6], [500, 6]), 0, 600)).toBeNull()
  })
})

it('a step ends when its seconds are over; a look takes as long as it takes', () => {
  const steps = [
    { does: 'top up' as const, seconds: 1800, share: 1.1 },
    { does: 'hold' as const, seconds: 600, share: 1.1 },
  ]
  expect([0, 1799.5, 1800, 2399, 2400].map((seconds) => stepAt(steps, seconds))).toEqual([
    { index: 0, left: 1800 },
    { index: 0, left: 1 },
    { index: 1, left: 600 },
    { index: 1, left: 1 },
    { index: 2, left: 0 },
  ])
  expect(stepAt([{ does: 'hold', seconds: 0, bar: 1 }], 50)).toEqual({ index: 0, left: 0 })
})

describe('a test of heating', () => {
  const limits = (profile: TestProfileId, design: number, readings: Reading[], hasPlastic = false) =>
    testProfileOf({ profile })
      .limits({ readings, design, hasPlastic })
      .map(({ limit, passes }) => [limit === null ? null : Math.round(limit * 1000) / 1000, passes])

  it('is at 1.3 times what it works at, and does not drop in the hour after half an hour', () => {
    const held = (after: number) => read([0, 3.9], [1800, 3.9], [5400, after])
    expect(limits('heating', 3, held(3.9))).toEqual([
      [3.9, true],
      [0, true],
    ])
    expect(limits('heating', 3, held(3.8))[1]).toEqual([0, false])
    expect(limits('heating', 3, held(3.7), true)[1]).toEqual([0.2, true])
    expect(limits('heating', 3, held(3.68), true)[1]).toEqual([0.2, false])
  })

  it('by the mechanical code at 100 psi at least, and at half as much again as it works at', () => {
    const held = (bar: number) => read([0, bar], [900, bar])
    expect(limits('model-code-heating', 2, held(6.9))[0]).toEqual([6.895, true])
    expect(limits('model-code-heating', 2, held(3))[0]).toEqual([6.895, false])
    expect(limits('model-code-heating', 6, held(6.9))[0]).toEqual([9, false])
  })
})

describe('what a test passes by', () => {
  const limits = (profile: TestProfileId, readings: Reading[], hasPlastic = false) =>
    testProfileOf({ profile })
      .limits({ readings, design: 6, hasPlastic })
      .map(({ limit, passes }) => [limit === null ? null : Math.round(limit * 1000) / 1000, passes])

  it('rigid pipe: 1.1 times the design pressure, less what a gauge shows, and no drop in 10 minutes', () => {
    expect(limits('en806-a', read([0, 6.6], [600, 6.6]))).toEqual([
      [6.6, true],
      [0, true],
    ])
    expect(limits('en806-a', read([0, 6.59], [600, 6.58]))).toEqual([
      [6.6, true],
      [0, false],
    ])
    expect(limits('en806-a', read([0, 6.58], [590, 6.57], [610, 6.58]))[0]).toEqual([6.6, false])
    expect(limits('en806-a', read([0, 6.6], [300, 6.5]))[1]).toEqual([0, null])
  })

  it('elastic pipe, lowered: from a minute after it was lowered to the end of its 30 no fall', () => {
    const lowered = (rested: number, last: number) => read([0, 6.6], [1800, 3.3], [1860, rested], [3600, last])
    expect(limits('en806-b', lowered(3.1, 3.1))[1]).toEqual([0, true])
    expect(limits('en806-b', lowered(3.1, 3.4))[1]).toEqual([0, true])
    expect(limits('en806-b', lowered(3.3, 3.2))[1]).toEqual([0, false])
    expect(limits('en806-b', lowered(3.1, 3.1))[0]).toEqual([6.6, true])
  })

  it('elastic pipe, held: less than 0.6 in 30 minutes, and less than 0.2 in 120 more', () => {
    const held = (first: number, second: number) =>
      limits(
        'en806-c',
        read([0, 6.6], [1800, 6.6], [3600, 6.6 - first], [1800 + 1800 + 7200, 6.6 - first - second]),
      ).map(([, passes]) => passes)
    expect(held(0.59, 0.19)).toEqual([true, true, true])
    expect(held(0.6, 0.19)).toEqual([true, false, true])
    expect(held(0.59, 0.2)).toEqual([true, true, false])
    expect(limits('en806-c', read([0, 6.6])).map(([limit]) => limit)).toEqual([6.6, 0.6, 0.2])
  })

  it('the model code: the working pressure for 15 minutes; air of 50 psi, and none on plastic', () => {
    expect(limits('model-code-water', read([0, 6], [900, 6]))).toEqual([
      [6, true],
      [0, true],
    ])
    expect(limits('model-code-water', read([0, 5.9], [600, 5.9], [900, 5.8])).map(([, passes]) => passes)).toEqual([
      false,
      false,
    ])
    expect(limits('model-code-air', read([0, 3.45], [900, 3.45]))).toEqual([
      [0, true],
      [3.447, true],
      [0, true],
    ])
    expect(limits('model-code-air', read([0, 3.4], [900, 3.3]), true).map(([, passes]) => passes)).toEqual([
      false,
      false,
      false,
    ])
  })

  it('a look at low pressure passes by what is seen, not by the gauge', () => {
    expect(limits('low-pressure', read([0, 1], [600, 1]))).toEqual([[null, null]])
  })

  it('a test of one’s own: to its first step’s pressure, and by each of its falls', () => {
    const own = ownTestSchema.parse({
      name: 'Two hours',
      medium: 'water',
      steps: [
        { does: 'raise', seconds: 0, share: 1.5 },
        { does: 'hold', seconds: 7200, share: 1.5 },
      ],
      falls: [
        { from: 600, to: 1200, most: 0 },
        { from: 1200, to: 7200, most: 0.3 },
      ],
    })
    const profile = testProfileOf({ profile: 'own', own })
    const readings = read([0, 9], [600, 8.9], [1200, 8.9], [7200, 8.6])
    const told = profile.limits({ readings, design: 6, hasPlastic: false })
    expect(told.map(({ message, limit, passes }) => [message.message, limit, passes])).toEqual([
      ['raised', 9, true],
      ['drop', 0, true],
      ['fall', 0.3, true],
    ])
    expect(profile.meta.stillFrom).toBe(600)
    const further = read([0, 9], [600, 8.9], [1200, 8.89], [7200, 8.58])
    expect(profile.limits({ readings: further, design: 6, hasPlastic: false }).map(({ passes }) => passes)).toEqual([
      true,
      false,
      false,
    ])
    expect(testProfileOf({ profile: 'own', own: { ...own, falls: [] } }).meta.stillFrom).toBe(0)
  })

  it('one of one’s own is told whole; a shipped one as one’s own passes by the same falls', () => {
    const own = copyOf(testProfileOf({ profile: 'en806-c' }))
    expect([isToldWhole({ profile: 'own' }), isToldWhole({ profile: 'own', own })]).toEqual([false, true])
    expect(isToldWhole({ profile: 'en806-a' })).toBe(true)
    expect(() => testProfileOf({ profile: 'own' })).toThrow(/^own: /)
    expect(own.falls).toEqual([
      { from: 1800, to: 3600, most: 0.6 },
      { from: 3600, to: 10_800, most: 0.2 },
    ])
    expect(ownTestSchema.parse(own)).toEqual(own)
    expect(own.name).toBe('Elastic pipe (EN 806-4 C), own')
  })
})

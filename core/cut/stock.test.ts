import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { layOnStock } from './stock'

const named = (lengths: readonly number[]) => lengths.map((length, index) => ({ id: `p${index}`, length }))

describe('laying pieces on stock', () => {
  it('fills a length to its end, and counts a saw’s kerf', () => {
    expect(layOnStock(named([1500, 1500]), 3000, 0).bars).toHaveLength(1)
    expect(layOnStock(named([1500, 1500]), 3000, 2).bars).toHaveLength(2)
    // 1200 + 2 + 1000 + 2 leaves 796.
    expect(layOnStock(named([1000, 1200]), 3000, 2).bars[0]?.rest).toBe(796)
  })

  it('sets aside what is longer than a length', () => {
    expect(layOnStock(named([3100, 500]), 3000, 0)).toMatchObject({ tooLong: [{ id: 'p0' }], bars: [{ rest: 2500 }] })
  })

  it('lays every piece once, none beyond the end, within 11/9 of the least plus one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 50, max: 3000 }), { maxLength: 60 }),
        fc.integer({ min: 0, max: 4 }),
        (lengths, kerf) => {
          const { bars } = layOnStock(named(lengths), 3000, kerf)
          expect(bars.flatMap(({ pieces }) => pieces.map(({ id }) => id)).toSorted()).toEqual(
            named(lengths)
              .map(({ id }) => id)
              .toSorted(),
          )
          for (const { pieces, rest } of bars) {
            const used = pieces.reduce((sum, { length }) => sum + length, 0) + kerf * (pieces.length - 1)
            expect(used).toBeLessThanOrEqual(3000)
            expect(rest).toBe(Math.max(0, 3000 - used - kerf))
          }
          if (kerf === 0) {
            const least = Math.ceil(lengths.reduce((sum, length) => sum + length, 0) / 3000)
            // Johnson's bound is against the optimum, which is at least this and at most twice as much.
            expect(bars.length).toBeLessThanOrEqual(Math.max(1, 2 * least))
          }
        },
      ),
    )
  })
})

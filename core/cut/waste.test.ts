import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { pipeId } from '../testing/sample-run'
import { layOnStock } from './stock'
import { wasteOf } from './waste'

const copper22 = shippedCatalogue.pipe(pipeId('EN 1057', '22', 0.9))!

describe('waste', () => {
  it('is what is neither a piece nor worth keeping, with what the cuts take', () => {
    // Two bars of 3000: 1400 + 1400 leaves 200 less two cuts of 3; 900 leaves 2097, which is kept.
    const { bars } = layOnStock(
      [1400, 1400, 900].map((length, at) => ({ id: `${at}`, length })),
      3000,
      3,
    )
    const waste = wasteOf(bars, 300, copper22)
    expect(waste.mm).toBeCloseTo(200 + 3)
    expect(waste.kg).toBeCloseTo(0.203 * 0.533, 3)
  })

  it('an offcut just worth keeping is none', () => {
    const bar = { length: 3000, pieces: [{ id: '1', length: 2700 }], rest: 300 }
    expect(wasteOf([bar], 300, copper22).mm).toBe(0)
    expect(wasteOf([bar], 301, copper22).mm).toBe(300)
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { solveLinear } from './solve-linear'

describe('linear equations', () => {
  it('are solved with a nought where the first pivot would stand, and by the largest where a small one would lose it', () => {
    expect(
      solveLinear(
        [
          [0, 1],
          [1, 0],
        ],
        [3, 5],
      ),
    ).toEqual([5, 3])
    // By the first row as it stands x comes out as 0: 1e-9 is lost in what it is taken from.
    const [x, y] = solveLinear(
      [
        [1e-11, 1],
        [1, 1],
      ],
      [1, 2],
    )!
    expect(x).toBeCloseTo(1, 6)
    expect(y).toBeCloseTo(1, 6)
  })

  it('have no solution where one says the same as another, or nothing', () => {
    expect(
      solveLinear(
        [
          [1, 1, 0],
          [0, 1, 1],
          [1, 2, 1],
        ],
        [1, 2, 3],
      ),
    ).toBeNull()
    expect(solveLinear([[0]], [1])).toBeNull()
    // So small beside the largest that it is what rounding left, whatever their signs.
    for (const sign of [1, -1]) {
      const left = [
        [sign * 1e6, 0],
        [0, sign * 1e-9],
      ]
      expect(solveLinear(left, [1, 1])).toBeNull()
    }
  })

  it('what is put in comes out', () => {
    const one = fc.integer({ min: -9, max: 9 })
    const row = fc.tuple(one, one, one)
    fc.assert(
      fc.property(fc.tuple(row, row, row), row, (matrix, wanted) => {
        const right = matrix.map((of) => of.reduce((sum, value, at) => sum + value * wanted[at]!, 0))
        const found = solveLinear(matrix, right)
        if (!found) return
        matrix.forEach((of, at) =>
          expect(of.reduce((sum, value, beside) => sum + value * found[beside]!, 0)).toBeCloseTo(right[at]!, 6),
        )
      }),
    )
  })
})

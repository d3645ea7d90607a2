import { expect, it } from 'vitest'
import { cholesky, logDeterminant, solved, whitened } from './gaussian'

const matrix = [
  [4, 2],
  [2, 10],
]

it('a root times itself is the matrix: 4, 2; 2, 10 is that of 2, 0; 1, 3', () => {
  const lower = cholesky(matrix)!
  expect(lower.map((row) => [...row])).toEqual([
    [2, 0],
    [1, 3],
  ])
  // 4 × 10 − 2 × 2.
  expect(logDeterminant(lower)).toBeCloseTo(Math.log(36), 9)
  expect([...whitened(lower, [2, 7])]).toEqual([1, 2])
  // 4 × 1 + 2 × 2, 2 × 1 + 10 × 2.
  expect(solved(lower, [8, 22])).toEqual([expect.closeTo(1, 9), expect.closeTo(2, 9)])
})

it('a covariance that is none has no root', () => {
  for (const none of [
    [[0]],
    [[-1]],
    [
      [1, 2],
      [2, 1],
    ],
  ])
    expect(cholesky(none)).toBeNull()
})

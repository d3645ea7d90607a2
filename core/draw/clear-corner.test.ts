import { expect, it } from 'vitest'
import { clearCorner } from './clear-corner'
import type { DrawnLeg, Point } from './drawing'

const corners: readonly Point[] = [
  [0, 0],
  [100, 0],
  [100, 60],
]
const leg = (from: Point, to: Point) => ({ from, to }) as DrawnLeg

it('is the first that no leg comes near: by its ends, by its middle, or in line beyond it', () => {
  expect(clearCorner({ legs: [] }, corners, 10)).toEqual([0, 0])
  expect(clearCorner({ legs: [leg([50, 30], [60, 30])] }, corners, 10)).toEqual([0, 0])
  // Its beginning is 5 from the first, its middle passes the second at 5.
  expect(clearCorner({ legs: [leg([3, 4], [40, 40])] }, corners, 10)).toEqual([100, 0])
  expect(clearCorner({ legs: [leg([3, 4], [40, 40]), leg([60, 5], [140, 5])] }, corners, 10)).toEqual([100, 60])
  // In line with it, and 20 short of it.
  expect(clearCorner({ legs: [leg([20, 0], [60, 0])] }, corners, 10)).toEqual([0, 0])
  expect(clearCorner({ legs: [leg([9, 0], [9, 0])] }, corners, 10)).toEqual([100, 0])
})

it('is the farthest from all where none is clear', () => {
  const legs = [leg([2, 0], [2, 1]), leg([97, 0], [97, 1]), leg([100, 55], [100, 56])]
  expect(clearCorner({ legs }, corners, 10)).toEqual([100, 60])
})

it('goes out of the way of a figure, which is wider than high', () => {
  expect(clearCorner({ legs: [] }, corners, 10, [[12, 3]])).toEqual([100, 0])
  expect(clearCorner({ legs: [] }, corners, 10, [[3, 12]])).toEqual([0, 0])
})

import { expect, it } from 'vitest'
import { gapsBetween, lengthOf, outside } from './waits'

it('finds what lies between, and leaves out what somebody watches in', () => {
  const gaps = gapsBetween([
    { start: 50, end: 60 },
    { start: 0, end: 10 },
    { start: 8, end: 20 },
    { start: 70, end: 75 },
  ])
  expect(gaps).toEqual([
    { from: 20, to: 50 },
    { from: 60, to: 70 },
  ])
  expect(lengthOf(gaps)).toBe(40)
  expect(outside(gaps, { start: 30, end: 40 })).toEqual([
    { from: 20, to: 30 },
    { from: 40, to: 50 },
    { from: 60, to: 70 },
  ])
  expect(outside(gaps, { start: 20, end: 65 })).toEqual([{ from: 65, to: 70 }])
  expect(outside(gaps, null)).toEqual(gaps)
})

import { expect, it } from 'vitest'
import { earlierOf, stretchesBetween } from './stretches'

const at = (...seconds: number[]) => seconds.map((second) => ({ seconds: second, bar: 6 }))
const seconds = (of: readonly (readonly { seconds: number }[])[]) => of.map((part) => part.map((one) => one.seconds))

it('readings are parted where somebody touched the pressure; one alone between two touches tells nothing', () => {
  const touch = (second: number) => ({ seconds: second, did: 'touched' as const })
  expect(seconds(stretchesBetween(at(0, 60, 120, 180), []))).toEqual([[0, 60, 120, 180]])
  expect(seconds(stretchesBetween(at(0, 60, 120, 180), [touch(90)]))).toEqual([
    [0, 60],
    [120, 180],
  ])
  // Read and then touched at the same second: what was read was there before.
  expect(seconds(stretchesBetween(at(0, 60, 120, 180), [touch(60), touch(120), touch(60)]))).toEqual([[0, 60]])
  expect(seconds(stretchesBetween([], [touch(1)]))).toEqual([])
})

it('what stood before is kept by few pressures, the first of them from the start', () => {
  const many = Array.from({ length: 60 }, (_, second) => ({ seconds: 30 + second, bar: 6 + second / 60 }))
  const few = earlierOf(many, 60)
  expect(few.length).toBeLessThanOrEqual(12)
  expect(few[0]).toEqual({ seconds: 0, bar: 6 })
  expect(few.every(({ seconds: second }) => second < 60)).toBe(true)
  expect(earlierOf(many, 0)).toEqual([])
})

import { describe, expect, it } from 'vitest'
import { normal } from './normal'
import { randomStream } from './random-stream'

describe('a normally distributed number', () => {
  it('is above its mean where the angle is nought, below it half way round', () => {
    const stream =
      (...numbers: number[]) =>
      () =>
        numbers.shift()!
    // √(−2 ln 0.5) = 1.1774
    expect(normal(stream(0.5, 0), 10, 2)).toBeCloseTo(12.3548, 4)
    expect(normal(stream(0.5, 0.5), 10, 2)).toBeCloseTo(7.6452, 4)
  })

  it('has its mean and its deviation', () => {
    const random = randomStream(7)
    const drawn = Array.from({ length: 20_000 }, () => normal(random, 10, 2))
    const mean = drawn.reduce((sum, of) => sum + of, 0) / drawn.length
    const spread = Math.sqrt(drawn.reduce((sum, of) => sum + (of - mean) ** 2, 0) / drawn.length)
    expect(mean).toBeCloseTo(10, 1)
    expect(spread).toBeCloseTo(2, 1)
  })
})

import { expect, it } from 'vitest'
import { randomStream } from './random-stream'

it('is mulberry32 as it was published: by seed 1 the first number is 0.62707394…', () => {
  const next = randomStream(1)
  expect(next()).toBe(0.6270739405881613)
  expect([next(), randomStream(1)()].every((of) => of >= 0 && of < 1)).toBe(true)
  expect(randomStream(2)()).not.toBe(randomStream(1)())
})

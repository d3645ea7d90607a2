import { expect, it } from 'vitest'
import { ownTestSchema } from './own-test-schema'

const test = {
  name: 'Ours',
  medium: 'water',
  steps: [{ does: 'raise', seconds: 60, share: 1.5 }],
  falls: [{ from: 10, to: 11, most: 0.1 }],
}
const wrong = (change: object): string[] => {
  const read = ownTestSchema.safeParse({ ...test, ...change })
  return read.success ? [] : read.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`)
}

it('a fall is looked at from one moment to a later one', () => {
  expect(wrong({})).toEqual([])
  expect(wrong({ falls: [{ from: 10, to: 10, most: 0.1 }] })).toEqual(['falls.0.to: later than `from`'])
  expect(wrong({ falls: [{ from: 10, to: 9, most: 0.1 }] })).toEqual(['falls.0.to: later than `from`'])
})

it('a pressure is told as a share of the design pressure or in bar, and not as both', () => {
  const step = { does: 'raise', seconds: 60 }
  expect(wrong({ steps: [{ ...step, bar: 10 }] })).toEqual([])
  for (const said of [{}, { bar: 10, share: 1.5 }])
    expect(wrong({ steps: [{ ...step, ...said }] })).toEqual([
      'steps.0.share: either a share of the design pressure, or bar',
    ])
})

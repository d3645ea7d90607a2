import { describe, expect, it } from 'vitest'
import { formatWeight } from './format-weight'

describe('weights', () => {
  it.each([
    [0.108, 'metric', '110 g'],
    [0.9994, 'metric', '1 kg'],
    [12.34, 'metric', '12 kg'],
    [0, 'metric', '0 g'],
    [0.1, 'imperial', '3.5 oz'],
    [1, 'imperial', '2.2 lb'],
  ] as const)('%d kg in %s reads %s', (kg, units, text) => {
    expect(formatWeight(kg, units)).toBe(text)
  })
})

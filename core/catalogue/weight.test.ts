import { describe, expect, it } from 'vitest'
import { pipeId } from '../testing/sample-run'
import { shippedCatalogue } from './catalogue'
import { weightPerMetre } from './weight'

const weight = (...of: Parameters<typeof pipeId>) => weightPerMetre(shippedCatalogue.pipe(pipeId(...of))!)

describe('the weight of a pipe', () => {
  // Worked by hand: 22 × 0.9 has π/4 (22² − 20.2²) = 59.66 mm² of wall, times 8.94 g/cm³.
  it.each([
    ['EN 1057', '22', 0.9, 0.533],
    ['EN ISO 21003', '16', '', 0.106],
    ['EN 10255', '1/2', '', 1.2],
  ] as const)('%s %s weighs %d kg a metre', (standard, nominal, of, kg) => {
    expect(weight(standard, nominal, of)).toBeCloseTo(kg, 2)
  })
})

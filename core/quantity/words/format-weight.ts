import type { Units } from '../units'

/** The avoirdupois pound, by definition. */
const kilogramsPerPound = 0.45359237

const scales = {
  metric: { small: 'g', large: 'kg', each: 1, parts: 1000 },
  imperial: { small: 'oz', large: 'lb', each: kilogramsPerPound, parts: 16 },
} as const

/**
 * A weight in two figures, with its unit: grams below a kilogram, ounces below a pound.
 *
 * @example formatWeight(0.108, 'metric') // '110 g'
 * @example formatWeight(1, 'imperial') // '2.2 lb'
 */
export function formatWeight(kilograms: number, units: Units): string {
  const { small, large, each, parts } = scales[units]
  const whole = kilograms / each
  const part = Number((whole * parts).toPrecision(2))
  return part < parts ? `${part} ${small}` : `${Number(whole.toPrecision(2))} ${large}`
}

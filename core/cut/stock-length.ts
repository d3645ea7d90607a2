import type { Pipe } from '../catalogue/pipe'
import { materialOf } from '../materials'
import { inch, type Units } from '../quantity/units'

const tenFeet = 120 * inch

/**
 * The stock length that is usual for a pipe, in mm, until the user says what is in the van.
 * Typical: straight metric 3 m, inch 10 ft, steel 6 m or 21 ft; coils 25 m or 100 ft.
 */
export function usualStockLength(pipe: Pipe): number {
  const inchPipe = pipe.family === 'cts' || pipe.standard.startsWith('ASTM')
  const { isCoiled, longStock } = materialOf(pipe)
  if (isCoiled || pipe.temper === 'soft') return inchPipe ? tenFeet * 10 : 25_000
  if (longStock) return inchPipe ? 21 * 12 * inch : 6000
  return inchPipe ? tenFeet : 3000
}

/** The least offcut that is worth keeping, in mm, until the user says another: 300, or a foot. */
export const usualKeep = (units: Units): number => (units === 'metric' ? 300 : 12 * inch)

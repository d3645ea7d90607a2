import { inch, type Units } from './units'

/**
 * A reading of an instrument with the digits that it has: tenths of a millimetre, thousandths of an inch.
 *
 * @example formatReading(22.2, 'imperial') // '0.874″'
 */
export function formatReading(mm: number, units: Units): string {
  return units === 'metric' ? `${mm.toFixed(1)} mm` : `${(mm / inch).toFixed(3)}″`
}

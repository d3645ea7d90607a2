import { formatFigure } from './words/format-length'
import { inch, type Units } from './units'

/** So far a rounded figure may lie from the one that is held, as a share of it. */
const mostOff = 0.02

/**
 * A length as it stands in a field where it was typed: what is shown there reads back as what is held. In millimetres to
 * the hundredth; in feet, inches and sixteenths, or where that would be another figure in thousandths of an inch.
 *
 * @param mm any number
 * @example typedLength(0.25, 'metric') // '0.25'
 * @example typedLength(0.5, 'imperial') // '0.020″'
 * @example typedLength(1028.9, 'imperial') // '3′ 4 1/2″'
 */
export function typedLength(mm: number, units: Units): string {
  if (units === 'metric') {
    const hundredths = Math.round(mm * 100) / 100
    return Number.isInteger(hundredths * 2) ? formatFigure(hundredths, units) : String(hundredths).replace('-', '−')
  }
  const sixteenth = inch / 16
  const off = Math.abs(Math.round(mm / sixteenth) * sixteenth - mm)
  return off <= Math.abs(mm) * mostOff ? formatFigure(mm, units) : `${(mm / inch).toFixed(3).replace('-', '−')}″`
}

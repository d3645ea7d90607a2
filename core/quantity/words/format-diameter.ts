import { inch, type Units } from '../units'

/**
 * A gauge, bore, wall or diameter as people read it: hundredths of a millimetre or thousandths of an inch, with its unit.
 * Never to the half millimetre or the sixteenth: two pipes that take different fittings differ by less.
 *
 * @param mm in millimetres, 0 or more
 * @example formatDiameter(22.225, 'imperial') // '0.875″'
 * @example formatDiameter(17.78, 'metric') // '17.78 mm'
 */
export function formatDiameter(mm: number, units: Units): string {
  return units === 'metric' ? `${mm.toFixed(2)}\u2009mm` : `${(mm / inch).toFixed(3)}″`
}

import { inch, type Units } from '../units'

const thinSpace = '\u2009'

function grouped(digits: string): string {
  return digits.replace(/\B(?=(\d{3})+(?!\d))/g, thinSpace)
}

function millimetres(mm: number): string {
  const halves = Math.round(Math.abs(mm) * 2) / 2
  const whole = Math.trunc(halves)
  const sign = mm < 0 && halves > 0 ? '−' : ''
  return `${sign}${grouped(String(whole))}${halves > whole ? '.5' : ''}`
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))

function inches(mm: number): string {
  const sixteenths = Math.round((Math.abs(mm) / inch) * 16)
  const sign = mm < 0 && sixteenths > 0 ? '−' : ''
  const feet = Math.floor(sixteenths / 192)
  const whole = Math.floor((sixteenths % 192) / 16)
  const part = sixteenths % 16
  const by = divisor(part, 16)
  const fraction = part === 0 ? '' : `${part / by}/${16 / by}`
  const inchText = [whole > 0 || fraction === '' || feet > 0 ? String(whole) : '', fraction].filter(Boolean).join(' ')
  if (feet === 0) return `${sign}${inchText}″`
  return whole === 0 && part === 0 ? `${sign}${feet}′` : `${sign}${feet}′ ${inchText}″`
}

/**
 * A length as people read it: millimetres to the half, or feet and inches to the sixteenth, with its unit.
 * Only for showing: sums are done on the millimetres, so the rounding never enters them.
 *
 * @example formatLength(1187.2, 'metric') // '1 187 mm'; the spaces are thin ones
 * @example formatLength(1028.7, 'imperial') // '3′ 4 1/2″'
 */
export function formatLength(mm: number, units: Units): string {
  return units === 'metric' ? `${millimetres(mm)}${thinSpace}mm` : inches(mm)
}

/**
 * The figure alone, for a place that writes the unit itself (a column head, a dimension line).
 *
 * @example formatFigure(24, 'metric') // '24'
 */
export function formatFigure(mm: number, units: Units): string {
  return units === 'metric' ? millimetres(mm) : inches(mm)
}

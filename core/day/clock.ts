import type { Units } from '../quantity/units'

/** To the nearest five minutes: what a customer is told is no nearer. */
const told = 5

const day = 1440

/**
 * A time of day as it is said on that side of the ocean, from minutes from midnight.
 *
 * @example clockTime(640, 'metric') // '10.40'
 * @example clockTime(800, 'imperial') // '1:20 pm'
 * @example clockTime(1450, 'metric') // '0.10 the next day'
 */
export function clockTime(minutes: number, units: Units): string {
  const whole = Math.round(minutes)
  if (whole >= day) return `${clockTime(whole - day, units)} the next day`
  const [hours, rest] = [Math.floor(whole / 60), String(whole % 60).padStart(2, '0')]
  if (units === 'metric') return `${hours}.${rest}`
  return `${hours % 12 || 12}:${rest} ${hours < 12 ? 'am' : 'pm'}`
}

/**
 * The same to five minutes, for what is only planned.
 *
 * @example aboutTime(642, 'metric') // '10.40'
 */
export const aboutTime = (minutes: number, units: Units): string => clockTime(Math.round(minutes / told) * told, units)

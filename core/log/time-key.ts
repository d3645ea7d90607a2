/** What times are put in order by: to the nanosecond, whether their fractions are written or not. */
export function timeKey(at: string): string {
  const [seconds, fraction = ''] = at.replace('Z', '').split('.')
  return `${seconds}.${fraction.padEnd(9, '0')}`
}

/** Days from 1970-01-01 in the Gregorian calendar, by counting years from March, so that a leap day comes last. */
function daysTo(year: number, month: number, day: number): number {
  const y = month > 2 ? year : year - 1
  const march = (month + 9) % 12
  const days = 365 * y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400)
  return days + Math.floor((153 * march + 2) / 5) + day - 1 - 719_468
}

/**
 * A time in UTC as seconds since 1970.
 *
 * @param at as an entry has it: 2026-05-04T10:30:00Z, with a fraction of a second or without
 * @example secondsAt('1970-01-02T00:00:01.5Z') // 86401.5
 * @example secondsAt('2024-03-01T00:00:00Z') // 1709251200
 */
export function secondsAt(at: string): number {
  const [year, month, day, hour, minute, second = 0] = at.split(/[^\d.]+/).map(Number)
  return daysTo(year!, month!, day!) * 86_400 + hour! * 3600 + minute! * 60 + second
}

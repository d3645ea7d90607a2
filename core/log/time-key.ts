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

/**
 * Seconds since 1970 as a time in UTC, to the millisecond: the other way about.
 *
 * @param seconds from the year 1 to 9999
 * @example timeAt(1709251200) // '2024-03-01T00:00:00.000Z'
 */
export function timeAt(seconds: number): string {
  const ms = Math.round(seconds * 1000)
  const days = Math.floor(ms / 86_400_000)
  let rest = ms - days * 86_400_000
  const take = (unit: number): number => {
    const whole = Math.floor(rest / unit)
    rest -= whole * unit
    return whole
  }
  // Years of 365.2425 days come near; from there the first of March on or before the day is found by counting.
  const march = (year: number) => daysTo(year, 3, 1)
  let year = 1970 + Math.floor(days / 365.2425)
  while (march(year) > days) year -= 1
  while (march(year + 1) <= days) year += 1
  // Days of a year that begins in March: months of 31, 30, 31, 30, 31 days come again.
  const ofYear = days - march(year)
  const month = Math.floor((5 * ofYear + 2) / 153)
  const day = ofYear - Math.floor((153 * month + 2) / 5) + 1
  const two = (value: number, digits = 2): string => String(value).padStart(digits, '0')
  const date = `${two(month < 10 ? year : year + 1, 4)}-${two(month < 10 ? month + 3 : month - 9)}-${two(day)}`
  return `${date}T${two(take(3_600_000))}:${two(take(60_000))}:${two(take(1000))}.${two(rest, 3)}Z`
}

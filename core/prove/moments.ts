const day = 86_400

/** Which number of a date with slashes comes first. */
type DateOrder = 'day first' | 'month first'

/** A figure as it is written, with a comma or a point. */
export function figure(cell: string): number | null {
  const value = Number(cell.trim().replace(',', '.'))
  return cell.trim() === '' || !Number.isFinite(value) ? null : value
}

/** The Julian day number of a date of the Gregorian calendar, 1901 to 2099 (the Astronomical Almanac's formula). */
const dayNumber = (year: number, month: number, date: number): number =>
  367 * year - Math.floor((7 * (year + Math.floor((month + 9) / 12))) / 4) + Math.floor((275 * month) / 9) + date

const clockPattern = String.raw`(\d{1,2}):([0-5]\d)(?::([0-5]\d(?:[.,]\d+)?))?(?:\s*([ap])\.?m\.?)?`
const clock = new RegExp(`^${clockPattern}$`, 'i')
const zoned = /(?:Z|([+-])(\d{2}):?(\d{2}))$/
const isoDate = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/
const otherDate = /^(\d{1,2})[-/.](\d{1,2})[-/.](\d{4}|\d{2})$/

/** Seconds from midnight; null where it is no clock's time. */
function clockSeconds(cell: string): number | null {
  const [, hours, minutes, seconds, half] = clock.exec(cell) ?? []
  if (hours === undefined) return null
  const from = half === undefined ? Number(hours) : (Number(hours) % 12) + (half.toLowerCase() === 'p' ? 12 : 0)
  return from > 23 || (half !== undefined && Number(hours) > 12)
    ? null
    : from * 3600 + Number(minutes) * 60 + (figure(seconds ?? '0') ?? 0)
}

/** Seconds of the beginning of a day; null where it is no date. */
function dateSeconds(cell: string, order: DateOrder): number | null {
  const iso = isoDate.exec(cell)
  const other = otherDate.exec(cell)
  if (!iso && !other) return null
  const [first, second, third] = (iso ?? other)!.slice(1).map(Number) as [number, number, number]
  const year = iso ? first : third < 100 ? 2000 + third : third
  const [month, date] = iso ? [second, third] : order === 'day first' ? [second, first] : [first, second]
  return month < 1 || month > 12 || date < 1 || date > 31 ? null : dayNumber(year, month, date) * day
}

/**
 * Seconds of a moment as loggers write it: a clock's time, a date and time, a date, or so many seconds; null where it is
 * none of these.
 *
 * @example momentSeconds('10:00:30', 'day first') // 36030
 */
export function momentSeconds(cell: string, order: DateOrder): number | null {
  const text = cell.trim()
  const alone = clockSeconds(text) ?? dateSeconds(text, order) ?? figure(text)
  if (alone !== null) return alone
  const [, date, rest] = /^(\S+?)(?:T|,?\s+)(\d{1,2}:.*)$/i.exec(text) ?? []
  if (date === undefined) return null
  const [, sign, hours, minutes] = zoned.exec(rest!) ?? []
  const offset = sign === undefined ? 0 : (Number(hours) * 3600 + Number(minutes) * 60) * (sign === '-' ? -1 : 1)
  const from = dateSeconds(date, order)
  const time = clockSeconds(rest!.replace(zoned, '').trim())
  return from === null || time === null ? null : from + time - offset
}

/**
 * In which order the dates of a file are written, where they do not say: so that they make one test of the shortest time,
 * each later than the one before; else as the reader writes them.
 *
 * @param asRead of the reader's region
 * @remarks for instance: `04/05/2026 23:59`, `05/05/2026 00:01`: the day first, two minutes and not a month
 */
export function dateOrder(cells: readonly string[], asRead: DateOrder): DateOrder {
  const spanIn = (order: DateOrder): number => {
    const moments = cells.map((cell) => momentSeconds(cell, order))
    if (moments.some((moment) => moment === null)) return Infinity
    const isForward = moments.every((moment, at) => at === 0 || moment! >= moments[at - 1]!)
    return isForward ? (moments.at(-1) ?? 0) - (moments[0] ?? 0) : Infinity
  }
  const other = asRead === 'day first' ? 'month first' : 'day first'
  return spanIn(other) < spanIn(asRead) ? other : asRead
}

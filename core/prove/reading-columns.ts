import { testPressureIn } from '../quantity/words/format-water'
import { toCelsius } from '../quantity/temperature'
import type { Units } from '../quantity/units'
import { dateOrder, figure, momentSeconds } from './moments'

type Row = readonly string[]
type Cell = (cell: string) => number | null

/** How the rows of a file of readings are read; each null where its cell says nothing of the kind. */
export interface Columns {
  readonly seconds: (row: Row) => number | null
  readonly bar: (row: Row) => number | null
  /** Undefined where nothing stands in the cell. */
  readonly celsius: (row: Row) => number | null | undefined
}

const kilopascalPerBar = 100
const barPerMegapascal = 10

const scaled =
  (by: (value: number) => number): Cell =>
  (cell) => {
    const value = figure(cell)
    return value === null ? null : by(value)
  }

/** By what a heading says: which column of what, in which unit. */
const pressures: readonly (readonly [RegExp, Cell])[] = [
  [/psi/i, scaled((psi) => testPressureIn(psi, 'imperial'))],
  [/mpa/i, scaled((megapascal) => megapascal * barPerMegapascal)],
  [/kpa/i, scaled((kilopascal) => kilopascal / kilopascalPerBar)],
  [/mbar/i, scaled((millibar) => millibar / 1000)],
  [/\bbar|_bar/i, figure],
]
const temperatures: readonly (readonly [RegExp, Cell])[] = [
  [/fahrenheit|°\s*f\b|\bf\b|_f\b/i, scaled(toCelsius)],
  [/celsius|°\s*c\b|\bc\b|_c\b/i, figure],
]
/** Null where each cell says itself what moment it is. */
const times: readonly (readonly [RegExp, Cell | null])[] = [
  [/minute|\bmin\b/i, scaled((minutes) => minutes * 60)],
  [/second|time|clock|^s$|\bs\b|_s\b/i, null],
  [/date/i, null],
]
/** A column of its own for the day, beside one for the clock. */
const ofDays = /^\s*date\s*$/i

function columnOf<Read>(head: Row, kinds: readonly (readonly [RegExp, Read])[]): readonly [at: number, Read] | null {
  for (const [pattern, read] of kinds) {
    const at = head.findIndex((name) => pattern.test(name))
    if (at >= 0) return [at, read]
  }
  return null
}

/** Reads the moments of these rows: of one column, or of the day's and the clock's together. */
function momentsOf(rows: readonly Row[], at: number, days: number, units: Units): Columns['seconds'] {
  const cellOf = (row: Row) => [days >= 0 && days !== at ? row[days] : '', row[at]].join(' ').trim()
  const order = dateOrder(rows.map(cellOf), units === 'imperial' ? 'month first' : 'day first')
  return (row) => momentSeconds(cellOf(row), order)
}

/** Without a head line: time, pressure, temperature, in the reader's units. */
function unnamed(rows: readonly Row[], units: Units): Columns {
  const bar = scaled((value) => testPressureIn(value, units))
  const celsius = units === 'metric' ? figure : scaled(toCelsius)
  return {
    seconds: momentsOf(rows, 0, -1, units),
    bar: (row) => bar(row[1] ?? ''),
    celsius: (row) => (row[2]?.trim() ? celsius(row[2]) : undefined),
  }
}

/**
 * What stands in which column, by the head line; null where it does not name a time and a pressure with its unit.
 *
 * @param head undefined where there is none
 * @param rows what stands below it: dates that do not say what comes first are told by how they go on
 */
export function columnsOf(head: Row | undefined, rows: readonly Row[], units: Units): Columns | null {
  if (!head) return unnamed(rows, units)
  const [time, pressure, temperature] = [columnOf(head, times), columnOf(head, pressures), columnOf(head, temperatures)]
  if (!time || !pressure) return null
  const [timeAt, inUnit] = time
  const days = head.findIndex((name) => ofDays.test(name))
  return {
    seconds: inUnit ? (row) => inUnit(row[timeAt] ?? '') : momentsOf(rows, timeAt, days, units),
    bar: (row) => pressure[1](row[pressure[0]] ?? ''),
    celsius: (row) => (temperature && row[temperature[0]]?.trim() ? temperature[1](row[temperature[0]]!) : undefined),
  }
}

import { testPressureIn } from '../quantity/words/format-water'
import { toCelsius } from '../quantity/temperature'
import type { Units } from '../quantity/units'
import type { Reading } from './readings'

/** A row of a file of readings that is not taken: its line, from 1, and what is accepted. */
export interface RowProblem {
  readonly line: number
  readonly problem: string
}
export interface ReadRows {
  readonly readings: readonly Reading[]
  readonly problems: readonly RowProblem[]
}

type Column = (cell: string) => number | null

const kilopascalPerBar = 100
const day = 86_400

/** A figure as it is written, with a comma or a point. */
function figure(cell: string): number | null {
  const value = Number(cell.trim().replace(',', '.'))
  return cell.trim() === '' || !Number.isFinite(value) ? null : value
}

/** The Julian day number of a date of the Gregorian calendar, 1901 to 2099 (the Astronomical Almanac's formula). */
const dayNumber = (year: number, month: number, date: number): number =>
  367 * year - Math.floor((7 * (year + Math.floor((month + 9) / 12))) / 4) + Math.floor((275 * month) / 9) + date

/** Seconds of a clock's time (10:30, 10:30:05), of a date and time, or of so many seconds. */
function moment(cell: string): number | null {
  const clock = /^(\d{1,3}):([0-5]\d)(?::([0-5]\d(?:[.,]\d+)?))?$/.exec(cell.trim())
  if (clock) return Number(clock[1]) * 3600 + Number(clock[2]) * 60 + (figure(clock[3] ?? '0') ?? 0)
  const date = /^(\d{4})-(\d{2})-(\d{2})[T ](\d{2}:\d{2}(?::\d{2}(?:[.,]\d+)?)?)Z?$/.exec(cell.trim())
  if (date) return dayNumber(Number(date[1]), Number(date[2]), Number(date[3])) * day + moment(date[4]!)!
  return figure(cell)
}

const scaled =
  (by: (value: number) => number): Column =>
  (cell) => {
    const value = figure(cell)
    return value === null ? null : by(value)
  }

/** By what a heading says: which column of what, in which unit. */
const pressures: readonly (readonly [RegExp, Column])[] = [
  [/psi/i, scaled((psi) => testPressureIn(psi, 'imperial'))],
  [/kpa/i, scaled((kilopascal) => kilopascal / kilopascalPerBar)],
  [/mbar/i, scaled((millibar) => millibar / 1000)],
  [/\bbar/i, figure],
]
const temperatures: readonly (readonly [RegExp, Column])[] = [
  [/fahrenheit|°\s*f\b|\bf\b|_f\b/i, scaled(toCelsius)],
  [/celsius|°\s*c\b|\bc\b|_c\b/i, figure],
]
const times: readonly (readonly [RegExp, Column])[] = [
  [/minute|\bmin\b/i, scaled((minutes) => minutes * 60)],
  [/second|time|clock|^s$|\bs\b|_s\b/i, moment],
]

interface Columns {
  readonly time: readonly [at: number, read: Column]
  readonly pressure: readonly [at: number, read: Column]
  readonly temperature: readonly [at: number, read: Column] | null
}

function columnOf(head: readonly string[], kinds: readonly (readonly [RegExp, Column])[]): Columns['time'] | null {
  for (const [pattern, read] of kinds) {
    const at = head.findIndex((name) => pattern.test(name))
    if (at >= 0) return [at, read]
  }
  return null
}

/** Without a head line: time, pressure, temperature, in the reader's units. */
const unnamed = (units: Units): Columns => ({
  time: [0, moment],
  pressure: [1, scaled((value) => testPressureIn(value, units))],
  temperature: [2, units === 'metric' ? figure : scaled(toCelsius)],
})

function readRow(row: readonly string[], { time, pressure, temperature }: Columns): Reading | string {
  const seconds = time[1](row[time[0]] ?? '')
  if (seconds === null) return 'a time: seconds, or a clock’s as 10:30:00'
  const bar = pressure[1](row[pressure[0]] ?? '')
  if (bar === null || bar < 0 || bar > 100) return 'a pressure: a number from 0 to what 100 bar are'
  const cell = temperature ? (row[temperature[0]] ?? '') : ''
  if (cell.trim() === '') return { seconds, bar }
  const celsius = temperature![1](cell)
  if (celsius === null || celsius < 0 || celsius > 100) return 'a temperature: a number from freezing to boiling'
  return { seconds, bar, celsius }
}

/**
 * The readings of a table: time in seconds, minutes or by the clock, pressure in bar, psi or kPa, temperature in °C or °F, by
 * what its head line says; without one the columns are taken in this order, in the reader's units. Counted from the first.
 *
 * @param rows the table's cells, line by line
 * @remarks for instance: `time,psi` and `23:59:30,87.0`, `00:00:30,86.9`: 0 s 6.00 bar, 60 s 5.99 bar
 */
export function readReadingRows(rows: readonly (readonly string[])[], units: Units): ReadRows {
  const isBlank = (row: readonly string[]) => row.every((cell) => cell.trim() === '')
  const headAt = rows.findIndex((row) => !isBlank(row))
  const head = rows[headAt] ?? []
  const hasHead = headAt >= 0 && moment(head[0] ?? '') === null
  const [time, pressure] = [columnOf(head, times), columnOf(head, pressures)]
  if (hasHead && !(time && pressure))
    return {
      readings: [],
      problems: [
        { line: headAt + 1, problem: 'a head line that names the time, and the pressure with bar, psi or kPa' },
      ],
    }
  const columns =
    hasHead && time && pressure ? { time, pressure, temperature: columnOf(head, temperatures) } : unnamed(units)
  const problems: RowProblem[] = []
  const read: Reading[] = []
  let days = 0
  rows.forEach((row, at) => {
    if ((hasHead && at === headAt) || isBlank(row)) return
    const reading = readRow(row, columns)
    if (typeof reading === 'string') return void problems.push({ line: at + 1, problem: reading })
    const before = read.at(-1)
    // A clock that jumps back by more than half a day has gone past midnight.
    if (before && reading.seconds + days < before.seconds - day / 2) days += day
    const seconds = reading.seconds + days
    if (before && seconds <= before.seconds)
      return void problems.push({ line: at + 1, problem: 'a time later than the line before' })
    read.push({ ...reading, seconds })
  })
  const from = read[0]?.seconds ?? 0
  return { readings: read.map((reading) => ({ ...reading, seconds: reading.seconds - from })), problems }
}

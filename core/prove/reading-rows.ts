import type { Units } from '../quantity/units'
import { momentSeconds } from './moments'
import { oddReadings } from './odd-readings'
import { columnsOf, type Columns } from './reading-columns'
import type { Reading } from './readings'

/** A row of a file of readings that is not taken: its line, from 1, and what is accepted. */
export interface RowProblem {
  readonly line: number
  readonly problem: string
}
export interface ReadRows {
  readonly readings: readonly Reading[]
  /** Of those, what stands far from its neighbours: to be asked about. */
  readonly odd: readonly Reading[]
  readonly problems: readonly RowProblem[]
}

const day = 86_400

function readRow(row: readonly string[], columns: Columns): Reading | string {
  const seconds = columns.seconds(row)
  if (seconds === null) return 'a time: seconds, a clock’s as 10:30:00, or a date and time as 2026-11-29 10:30'
  const bar = columns.bar(row)
  if (bar === null || bar < 0 || bar > 100) return 'a pressure: a number from 0 to what 100 bar are'
  const celsius = columns.celsius(row)
  if (celsius === undefined) return { seconds, bar }
  if (celsius === null || celsius < 0 || celsius > 100) return 'a temperature: a number from freezing to boiling'
  return { seconds, bar, celsius }
}

/**
 * The readings of a table: time in seconds, minutes, by the clock or with its date, pressure in bar, psi, kPa or MPa,
 * temperature in °C or °F, by what its head line says; without one the columns are taken in this order, in the reader's
 * units. Counted from the first.
 *
 * @param rows the table's cells, line by line
 * @remarks for instance: `time,psi` and `23:59:30,87.0`, `00:00:30,86.9`: 0 s 6.00 bar, 60 s 5.99 bar
 */
export function readReadingRows(rows: readonly (readonly string[])[], units: Units): ReadRows {
  const isBlank = (row: readonly string[]) => row.every((cell) => cell.trim() === '')
  const headAt = rows.findIndex((row) => !isBlank(row))
  const first = rows[headAt]
  const hasHead = first !== undefined && momentSeconds(first[0] ?? '', 'day first') === null
  const below = rows.filter((row, at) => !(hasHead && at === headAt) && !isBlank(row))
  const columns = columnsOf(hasHead ? first : undefined, below, units)
  if (!columns)
    return {
      readings: [],
      odd: [],
      problems: [
        { line: headAt + 1, problem: 'a head line that names the time, and the pressure with bar, psi, kPa or MPa' },
      ],
    }
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
  const readings = read.map((reading) => ({ ...reading, seconds: reading.seconds - from }))
  return { readings, odd: oddReadings(readings), problems }
}

import { parse, unparse } from 'papaparse'
import { readReadingRows, type ReadRows } from '~~/core/prove/reading-rows'
import type { Reading } from '~~/core/prove/readings'
import type { Units } from '~~/core/quantity/units'

/** The readings of a test as CSV: seconds, bar, °C. */
export const readingsCsv = (readings: readonly Reading[]): string =>
  `${unparse({
    fields: ['seconds', 'bar', 'celsius'],
    data: readings.map(({ seconds, bar, celsius }) => [seconds, bar, celsius ?? '']),
  })}\r\n`

/** The readings of a CSV file, whatever separates its columns. */
export const readReadingsCsv = (text: string, units: Units): ReadRows =>
  readReadingRows(parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false }).data, units)

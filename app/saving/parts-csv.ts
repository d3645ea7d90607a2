import { parse, unparse } from 'papaparse'
import type { Part } from '~~/core/catalogue/part'
import type { Units } from '~~/core/quantity/units'
import { columnsIn, readPartRows, toPartRows, type PartRow } from '~~/core/catalogue/part-rows'

/** Columns that a file may leave out. */
const optional: readonly string[] = ['system', 'fitting', 'end', 'note']
/** What a spreadsheet would run: a text that begins so is written with an apostrophe before it. */
const formula = /^'(?=[=+\-@\t\r])/

/** The user's parts as CSV in these units, a head line first; what is written in them is never a formula. */
export const partsCsv = (parts: readonly Part[], units: Units): string =>
  `${unparse({ fields: [...columnsIn(units)], data: toPartRows(parts, units) }, { escapeFormulae: true })}\r\n`

/** What a CSV file would change, and what in it is not accepted; a file without the columns is named as such. */
export function readPartsCsv(text: string, current: readonly Part[]): ReturnType<typeof readPartRows> {
  const { data, meta } = parse<PartRow>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: (cell) => cell.replace(formula, ''),
  })
  const [own, other] = [columnsIn('metric'), columnsIn('imperial')].map((columns) =>
    columns.filter((column) => !optional.includes(column) && !meta.fields?.includes(column)),
  )
  const missing = own!.length <= other!.length ? own! : other!
  if (missing.length > 0)
    return { changes: [], problems: [{ line: 1, problem: `the head line lacks: ${missing.join(', ')}` }] }
  return readPartRows(data, current)
}

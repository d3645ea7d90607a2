import { parse, unparse } from 'papaparse'
import type { Part } from '~~/core/catalogue/part'
import { partColumns, readPartRows, toPartRows, type PartRow } from '~~/core/catalogue/part-rows'

/** What a spreadsheet would run: a text that begins so is written with an apostrophe before it. */
const formula = /^'(?=[=+\-@\t\r])/

/** The user's parts as CSV, a head line first; what is written in them is never a formula. */
export const partsCsv = (parts: readonly Part[]): string =>
  `${unparse({ fields: [...partColumns], data: toPartRows(parts) }, { escapeFormulae: true })}\r\n`

/** What a CSV file would change, and what in it is not accepted; a file without the columns is named as such. */
export function readPartsCsv(text: string, current: readonly Part[]): ReturnType<typeof readPartRows> {
  const { data, meta } = parse<PartRow>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: (cell) => cell.replace(formula, ''),
  })
  const missing = (['what', 'method', 'size', 'mm', 'tolerance_mm', 'basis', 'by'] as const).filter(
    (column) => !meta.fields?.includes(column),
  )
  if (missing.length > 0)
    return { changes: [], problems: [{ line: 1, problem: `the head line lacks: ${missing.join(', ')}` }] }
  return readPartRows(data, current)
}

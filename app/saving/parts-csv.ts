import { parse, unparse } from 'papaparse'
import type { Part } from '~~/core/catalogue/part'
import { partColumns, readPartRows, toPartRows, type PartRow } from '~~/core/catalogue/part-rows'

/** The user's parts as CSV, a head line first. */
export const partsCsv = (parts: readonly Part[]): string =>
  `${unparse({ fields: [...partColumns], data: toPartRows(parts) })}\r\n`

/** What a CSV file would change, and what in it is not accepted; a file without the columns is named as such. */
export function readPartsCsv(text: string, current: readonly Part[]): ReturnType<typeof readPartRows> {
  const { data, meta } = parse<PartRow>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  })
  const missing = (['what', 'method', 'size', 'mm', 'tolerance_mm', 'basis', 'by'] as const).filter(
    (column) => !meta.fields?.includes(column),
  )
  if (missing.length > 0)
    return { changes: [], problems: [{ line: 1, problem: `the head line lacks: ${missing.join(', ')}` }] }
  return readPartRows(data, current)
}

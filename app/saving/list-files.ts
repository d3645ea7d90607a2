import { unparse } from 'papaparse'
import type { Paper } from '~~/core/draw/strip-page'
import type { ListTable } from '~~/core/record/lists'

/** A list as CSV, its head first; what is written in it is never a formula. */
export const listCsv = ({ head, rows }: ListTable): string =>
  `${unparse({ fields: [...head], data: rows.map((row) => [...row]) }, { escapeFormulae: true })}\r\n`

const widest = 60

/** Lists as a workbook, a sheet each: heads in bold, numbers as numbers, columns as wide as what stands in them. */
export async function listsXlsx(lists: readonly ListTable[]): Promise<Blob> {
  const { default: write } = await import('write-excel-file/universal')
  return write(
    lists.map(({ title, head, rows }) => ({
      sheet: title,
      stickyRowsCount: 1,
      columns: head.map((name, at) => ({
        width: Math.min(widest, 2 + Math.max(name.length, ...rows.map((row) => String(row[at] ?? '').length))),
      })),
      data: [head.map((value) => ({ value, fontWeight: 'bold' as const })), ...rows.map((row) => [...row])],
    })),
  ).toBlob()
}

/** Lists on paper, as the server makes them; null where it does not answer. */
export async function listsPdf(lists: {
  readonly title: string
  readonly paper: Paper
  readonly lists: readonly ListTable[]
}): Promise<Blob | null> {
  const answer = await fetch('/api/lists.pdf', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(lists),
  }).catch(() => null)
  return answer?.ok ? answer.blob() : null
}

import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { PaperLists } from '~~/core/record/lists-schema'

type List = PaperLists['lists'][number]

/** Figures stand at the right, with a box before each row to tick. */
const cellOf = (value: string | number | null): TableCell =>
  typeof value === 'number' ? { text: String(value), alignment: 'right' } : { text: value ?? '' }
const box: TableCell = { canvas: [{ type: 'rect', x: 0, y: 1, w: 9, h: 9 }] }

/** A column of words takes what the others leave. */
const widthOf = ({ rows }: List, at: number): 'auto' | '*' =>
  rows.some((row) => typeof row[at] === 'string' && row[at].length > 20) ? '*' : 'auto'

function tableOf(list: List): Content {
  if (list.rows.length === 0) return { text: 'Nothing.' }
  return {
    layout: 'lightHorizontalLines',
    table: {
      headerRows: 1,
      dontBreakRows: true,
      widths: [14, ...list.head.map((_, at) => widthOf(list, at))],
      body: [
        ['', ...list.head.map((text): TableCell => ({ text, bold: true }))],
        ...list.rows.map((row) => [box, ...list.head.map((_, at) => cellOf(row[at] ?? null))]),
      ],
    },
  }
}

/** Lists on paper, to be ticked by hand. */
export const listsDocument = ({ title, paper, lists }: PaperLists): TDocumentDefinitions => ({
  info: { title, creator: 'Jolvet' },
  pageSize: paper === 'a4' ? 'A4' : 'LETTER',
  pageMargins: [40, 40, 40, 50],
  footer: (page, pages) => ({ text: `${title}, page ${page} of ${pages}`, fontSize: 8, margin: [40, 10, 40, 0] }),
  content: [
    { text: title, bold: true, fontSize: 20, margin: [0, 0, 0, 6] },
    ...lists.flatMap((list): Content[] => [
      { text: list.title, bold: true, fontSize: 13, margin: [0, 10, 0, 4], headlineLevel: 1 },
      tableOf(list),
    ]),
  ],
})

import type { Content, CustomTableLayout, TableCell } from 'pdfmake/interfaces'
import { formatClock } from '~~/core/quantity/words/format-duration'
import type { Speaker } from '~~/core/quantity/words/speaks'
import type { RecordPrint } from './record-print'

type Readings = RecordPrint['record']['tests'][number]['readings']

/** More than these do not tell more on paper: of a longer test they stand as far apart as the others, the last among them. */
const mostRows = 120
/** Columns of readings side by side. */
const across = 3

/** Twelve columns on a page: thin lines between rows, little room between columns. */
const narrow: CustomTableLayout = {
  hLineWidth: (row) => (row === 0 ? 0 : 0.5),
  vLineWidth: () => 0,
  hLineColor: () => '#aaaaaa',
  paddingLeft: () => 2,
  paddingRight: () => 2,
  paddingTop: () => 1,
  paddingBottom: () => 1,
}

/** Readings evenly over a test, the first and the last among them. */
export function thinned<Of>(readings: readonly Of[], most: number): readonly Of[] {
  if (readings.length <= most) return readings
  const step = (readings.length - 1) / (most - 1)
  return Array.from({ length: most }, (_, at) => readings[Math.round(at * step)]!)
}

/** What a gauge showed, minute by minute, with where that comes from where it was not read by hand. */
export function readingsTable(readings: Readings, say: Speaker): Content[] {
  if (readings.length === 0) return []
  const shown = thinned(readings, mostRows)
  const rowsIn = Math.ceil(shown.length / across)
  const cells = (of: Readings[number] | undefined): TableCell[] =>
    of
      ? [
          formatClock(of.seconds),
          say.testPressure(of.bar),
          of.celsius === undefined ? '' : say.temperature(of.celsius),
          of.from === undefined || of.from === 'hand' ? '' : of.from,
        ]
      : ['', '', '', '']
  const rows = Array.from({ length: rowsIn }, (_, row) =>
    Array.from({ length: across }, (_, column) => cells(shown[row + column * rowsIn])).flat(),
  )
  const head = Array.from({ length: across }, () => ['After', 'Gauge', 'Pipe', 'From']).flat()
  return [
    ...(shown.length < readings.length
      ? [{ text: `${shown.length} of ${readings.length} readings; the JSON file has all of them.`, fontSize: 8 }]
      : []),
    {
      layout: narrow,
      fontSize: 7.5,
      margin: [0, 2, 0, 8] as [number, number, number, number],
      table: {
        headerRows: 1,
        keepWithHeaderRows: 1,
        dontBreakRows: true,
        widths: Array.from({ length: across }, () => [32, 46, 34, '*']).flat(),
        body: [head.map((text): TableCell => ({ text, bold: true })), ...rows],
      },
    },
  ]
}

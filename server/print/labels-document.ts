import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { methods } from '~~/core/methods'
import { speakerIn } from '~~/core/speech'
import type { Units } from '~~/core/quantity/units'
import type { SpokenRecord } from '../http/spoken'

/** A label: its lines, the first in large letters, and what its code holds. */
interface Label {
  readonly lines: readonly string[]
  readonly code: string
}

const across = 2
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
const day = (at: string): string => at.slice(0, 10)

/** A label for every valve with what it shuts, and for every joint behind what was covered. */
export function labelsOf(record: SpokenRecord, units: Units): Label[] {
  const say = speakerIn(units)
  const { title, id } = record.job
  const date = day(record.handedOver?.at ?? record.tests.at(-1)?.begun.at ?? '')
  const label = (lines: readonly string[]): Label => {
    const all = [...lines, date ? `${title}, ${date}` : title]
    return { lines: all, code: ['Jolvet', ...all, id].join('\n') }
  }
  const behind = new Map(
    record.covered.flatMap(({ body }) =>
      ((body.joints as readonly string[] | undefined) ?? []).map((joint) => [joint, String(body.where)] as const),
    ),
  )
  return [
    ...record.valves.map(({ run, valve, at, shuts }) => {
      const joint = record.joints.find(({ id: of }) => of.startsWith(`${at}/`))
      const what = joint ? [`${methods[joint.method].name}, ${say.trade(joint.pipe)}`] : []
      return label([capital(valve), `${run}; shuts: ${shuts.join(', ') || 'no outlet'}`, ...what])
    }),
    ...record.joints
      .filter((joint) => behind.has(joint.id))
      .map(({ id: joint, number, where, pipe, method }) =>
        label([
          `Joint ${number}`,
          `${where}; behind ${behind.get(joint)}`,
          `${methods[method].name}, ${say.trade(pipe)}`,
        ]),
      ),
  ]
}

const labelContent = ({ lines: [first = '', ...rest], code }: Label): Content => ({
  unbreakable: true,
  columns: [
    { qr: code, fit: 82, width: 90, eccLevel: 'M' },
    {
      width: '*',
      stack: [{ text: first, bold: true, fontSize: 12 }, ...rest.map((text): Content => ({ text, fontSize: 8.5 }))],
    },
  ],
  columnGap: 6,
})

/** Sheets of labels, two across, to be cut out: each with its code beside what it says. */
export function labelsDocument(record: SpokenRecord, units: Units): TDocumentDefinitions {
  const labels = labelsOf(record, units).map(labelContent)
  const rows = labels.flatMap((one, at) => (at % across === 0 ? [[one, labels[at + 1] ?? '']] : []))
  return {
    info: { title: `${record.job.title}: labels`, creator: 'Jolvet' },
    pageSize: units === 'metric' ? 'A4' : 'LETTER',
    pageMargins: [30, 30, 30, 30],
    content:
      rows.length > 0
        ? [{ table: { widths: ['*', '*'], heights: 96, dontBreakRows: true, body: rows } }]
        : ['No label is asked for: there is no valve, and nothing was covered.'],
  }
}

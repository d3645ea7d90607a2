import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { methods } from '~~/core/methods'
import { jointMarksOf } from '~~/core/draw/joint-mark'
import { evidenceTexts } from '~~/core/log/evidence'
import { doneLine, doneOf, drainLine, toolLine, valveLine } from '~~/core/record/lines'
import type { Speaker } from '~~/core/quantity/words/speaks'
import { speakerIn } from '~~/core/speech'
import { profiles } from '~~/core/workshop/profile'
import { settings, type SettingId } from '~~/core/workshop/setting'
import { drawingsOf } from './drawings'
import { photosOf } from './record-photos'
import { list, whenIn, type RecordPrint } from './record-print'
import { sealOf } from './record-seal'
import { testOf } from './record-tests'

const heading = (text: string): Content => ({ text, headlineLevel: 1, bold: true, fontSize: 13, margin: [0, 12, 0, 4] })
/** A part of the record, left out where there is nothing in it. */
const part = (title: string, items: readonly unknown[], content: () => Content): Content[] =>
  items.length > 0 ? [heading(title), content()] : []
/** The same of blocks that are not broken: the heading goes over to the next page with the first of them. */
const partOfBlocks = (title: string, [first, ...others]: readonly Content[]): Content[] =>
  first ? [{ unbreakable: true, stack: [heading(title), first] }, ...others] : []
const table = (
  widths: readonly (string | number)[],
  head: readonly string[],
  rows: readonly TableCell[][],
): Content => ({
  layout: 'lightHorizontalLines',
  fontSize: 8.5,
  table: {
    headerRows: 1,
    dontBreakRows: true,
    widths: [...widths],
    body: [head.map((text): TableCell => ({ text, bold: true })), ...rows.map((row) => [...row])],
  },
})

function headOf({ record, job }: RecordPrint): Content[] {
  const { title, address, version, changed } = record.job
  const rules = job.own?.name ?? profiles[job.profile].name
  const settingsChanged = changed.map((id) => settings[id as SettingId]?.label ?? id).join(', ')
  const { missing, handedOver } = record
  const when = whenIn(job)
  return [
    { text: title, bold: true, fontSize: 20 },
    ...(address ? [{ text: address, fontSize: 12 }] : []),
    {
      text: `Record of the pipework. Version ${version} of the job; rules: ${rules}${changed.length > 0 ? `, changed in ${settingsChanged}` : ''}; ${job.runs.length} ${job.runs.length === 1 ? 'run' : 'runs'}.`,
      margin: [0, 4, 0, 0],
    },
    { text: `Recorded by: ${record.people.join(', ') || 'nobody yet'}.` },
    handedOver
      ? { text: `Handed over by ${handedOver.by}, ${when(handedOver.at)}.`, bold: true }
      : { text: 'Not handed over.', bold: true },
    ...part('What is missing', missing, () => list(missing.map(({ text }) => text))),
  ]
}

function jointRows({ record, job }: RecordPrint, say: Speaker): TableCell[][] {
  const when = whenIn(job)
  return record.joints.map(({ number, where, pipe, method, insertion, made, inspected, changed, proof }) => {
    const seen = [
      made ? toolLine(made) : '',
      ...(made ? evidenceTexts(made.body) : []),
      changed ? 'made to other figures than are planned now' : '',
    ].filter(Boolean)
    return [
      String(number),
      where,
      `${methods[method].name}, ${say.trade(pipe)}`,
      insertion === null ? 'unknown' : say.length(insertion),
      made ? `${made.by}, ${when(made.at)}${seen.length > 0 ? `; ${seen.join(', ')}` : ''}` : 'not made',
      inspected ? `${inspected.sound ? 'OK' : 'not OK'}, ${inspected.by}` : '',
      proof === null ? 'stands empty' : 'by' in proof ? 'tested' : 'not tested',
    ]
  })
}

/** What was made and tested, each part of it where there is any. */
const workOf = (print: RecordPrint, say: Speaker): Content[] => {
  const { record } = print
  const when = whenIn(print.job)
  const columns = ['No.', 'Where', 'How', 'Goes in', 'Made', 'Inspected', 'Tested']
  return [
    ...part('Joints', record.joints, () => table([20, '*', 85, 46, 120, 62, 46], columns, jointRows(print, say))),
    ...part('Joints that are planned no more', record.unplanned, () =>
      list(
        record.unplanned.map(({ id, made }) => `${id}: ${made ? `made by ${made.by}, ${when(made.at)}` : 'not made'}`),
      ),
    ),
    ...partOfBlocks(
      'Pressure tests',
      record.tests.flatMap((test) => testOf(test, print.job, say)),
    ),
    ...part('What else was done', doneOf(record), () =>
      list(doneOf(record).map((entry) => `${when(entry.at)}, ${entry.by}: ${doneLine(entry, say)}`)),
    ),
    ...partOfBlocks('Photos', photosOf(print)),
  ]
}

/** What the owner keeps: valves, drain points, duties, cautions, materials. */
const keptOf = ({ record }: RecordPrint, say: Speaker): Content[] => {
  const { pipe, fittings, sundries } = record.materials
  return [
    ...part('Valves and what they shut', record.valves, () => list(record.valves.map(valveLine))),
    ...part('Drain points', record.drains, () => list(record.drains.map(drainLine))),
    ...part('What the owner must do', record.owner, () => list(record.owner.map((text) => say.trade(text)))),
    ...part('Cautions', record.cautions, () => list(record.cautions.map(({ text }) => text))),
    heading('Materials'),
    list([
      ...pipe.map(({ label, mm }) => `${say.length(mm)} of ${label}`),
      ...[...fittings, ...sundries].map(({ label, count }) => `${count} × ${say.trade(label)}`),
    ]),
  ]
}

/** The record on paper: what is missing at its head, the drawing, joints, tests, photos, materials, valves, the owner's part. */
export function recordDocument(print: RecordPrint): TDocumentDefinitions {
  const { record, job } = print
  const say = speakerIn(job.units)
  const joints = new Map(record.joints.map((joint) => [joint.id, joint]))
  return {
    info: { title: `${record.job.title}: record`, creator: 'Jolvet' },
    pageSize: job.units === 'metric' ? 'A4' : 'LETTER',
    pageMargins: [40, 40, 40, 40],
    // A heading at the foot of a page goes over to what it heads.
    pageBreakBefore: ({ headlineLevel }, page) => headlineLevel === 1 && page.getFollowingNodesOnPage().length === 0,
    footer: (page, pages) => ({
      text: `${record.job.title}, page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 8,
      margin: [0, 12, 0, 0],
    }),
    content: [
      ...headOf(print),
      ...drawingsOf(
        print,
        jointMarksOf(print.plan, (id) => joints.get(id)),
      ),
      ...workOf(print, say),
      ...keptOf(print, say),
      ...sealOf(print),
      {
        text: 'Local code, the makers’ instructions and a licensed person come before all that is said here.',
        fontSize: 8,
        margin: [0, 14, 0, 0],
      },
    ],
  }
}

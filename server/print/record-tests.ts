import type { Content } from 'pdfmake/interfaces'
import { traceSheet } from '~~/core/draw/trace'
import { signatureField, signaturePath, type Signature } from '~~/core/log/signature'
import { stepPressure } from '~~/core/prove/profile'
import { endedLine } from '~~/core/record/lines'
import { testLines } from '~~/core/record/test-lines'
import { testProfileOf } from '~~/core/prove/profiles'
import { verdictWords } from '~~/core/prove/verdict'
import type { Speaker } from '~~/core/quantity/words/speaks'
import { paperColours } from './paper-colours'
import { readingsTable } from './record-readings'
import { list, whenIn, type RecordPrint } from './record-print'

/** The chance of a leak, where the readings allowed it to be asked. */
const chanceOf = ({
  expected,
  probability,
}: {
  readonly expected: readonly unknown[]
  readonly probability: number
}) => (expected.length > 0 ? `, chance of a leak that matters ${(probability * 100).toFixed(1)} %` : '')

/** A signature as it was drawn. */
const signatureOf = (strokes: Signature): Content => {
  const { width, height } = signatureField
  const path = `<path d="${signaturePath(strokes)}" fill="none" stroke="${paperColours.ink}" stroke-width="8"/>`
  return { svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${path}</svg>`, width: 120 }
}

/** A test under pressure on paper: which it was, both verdicts, its limits, the gauge's trace. */
export function testOf(test: RecordPrint['record']['tests'][number], job: RecordPrint['job'], say: Speaker): Content[] {
  const { begun, ended, readings, looks, proof, notes } = test
  const when = whenIn(job)
  const { meta } = testProfileOf(begun.body)
  const asked = stepPressure(meta.steps[0]!, begun.body.design)
  const passes = proof?.profile.passes ?? null
  const account: Content = {
    unbreakable: true,
    margin: [0, 0, 0, 8],
    stack: [
      { text: `${meta.name}, ${say.testPressure(asked)}, started by ${begun.by}, ${when(begun.at)}`, bold: true },
      meta.statement,
      ...testLines(test, say),
      proof
        ? `By the standard: ${passes === null ? 'open' : passes ? 'passes' : 'fails'}. By its readings: ${verdictWords[proof.verdict]}${chanceOf(proof)}.`
        : 'What its readings say is not known.',
      ...(ended ? [`Ended by ${ended.by}, ${when(ended.at)}: ${endedLine(ended)}`] : ['Not ended.']),
      ...(ended?.body.signature ? [signatureOf(ended.body.signature)] : []),
      ...looks.map(
        ({ at, by, dry, wet }) =>
          `Inspected under pressure by ${by}, ${when(at)}: ${dry.length} joints dry${wet.length > 0 ? `, ${wet.length} not` : ''}.`,
      ),
      ...notes.map(({ text }) => `${text[0]!.toUpperCase()}${text.slice(1)}.`),
      ...(proof
        ? [
            list(
              proof.profile.limits.map(
                ({ text, passes: ok }) => `${text}: ${ok === null ? 'open' : ok ? 'yes' : 'no'}`,
              ),
            ),
          ]
        : []),
      ...(readings.length > 1
        ? [
            {
              svg: traceSheet(readings, asked, {
                ink: paperColours.ink,
                line: paperColours.copper,
                pressure: (bar) => say.testPressure(bar),
              }),
              width: 480,
            },
          ]
        : []),
    ],
  }
  return [account, ...readingsTable(readings, say)]
}

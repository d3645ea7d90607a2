import type { Content } from 'pdfmake/interfaces'
import { traceSheet } from '~~/core/draw/trace'
import { signatureField, signaturePath, type Signature } from '~~/core/log/signature'
import { stepPressure } from '~~/core/prove/profile'
import { endedLine } from '~~/core/record/lines'
import { testProfileOf } from '~~/core/prove/profiles'
import { verdictWords } from '~~/core/prove/verdict'
import type { Speaker } from '~~/core/quantity/words/speaks'
import { paperColours } from './paper-colours'
import { list, when, type RecordPrint } from './record-print'

/** The chance of a leak, where the readings allowed it to be asked. */
const chanceOf = ({
  expected,
  probability,
}: {
  readonly expected: readonly unknown[]
  readonly probability: number
}) => (expected.length > 0 ? `, chance of a leak that matters ${(probability * 100).toFixed(1)} %` : '')

/** The gauge that it was read from, as far as that was noted. */
function gaugeLine(gauge: RecordPrint['record']['tests'][number]['begun']['body']['gauge'], say: Speaker): string[] {
  if (!gauge) return []
  const { name, division, above, checkedOn } = gauge
  const told = [
    name,
    division === undefined ? undefined : `reads to ${say.testPressure(division)}`,
    above === undefined ? undefined : `${say.length(Math.abs(above))} ${above < 0 ? 'below' : 'above'} the lowest pipe`,
    checkedOn === undefined ? undefined : `checked on ${checkedOn}`,
  ].filter((part) => part)
  return told.length > 0 ? [`Gauge: ${told.join(', ')}.`] : []
}

/** A signature as it was drawn. */
const signatureOf = (strokes: Signature): Content => {
  const { width, height } = signatureField
  const path = `<path d="${signaturePath(strokes)}" fill="none" stroke="${paperColours.ink}" stroke-width="8"/>`
  return { svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${path}</svg>`, width: 120 }
}

/** A test under pressure on paper: which it was, both verdicts, its limits, the gauge's trace. */
export function testOf(
  { begun, ended, readings, looks, proof, notes }: RecordPrint['record']['tests'][number],
  say: Speaker,
): Content {
  const { meta } = testProfileOf(begun.body)
  const asked = stepPressure(meta.steps[0]!, begun.body.design)
  const passes = proof?.profile.passes ?? null
  return {
    unbreakable: true,
    margin: [0, 0, 0, 8],
    stack: [
      { text: `${meta.name}, ${say.testPressure(asked)}, begun by ${begun.by}, ${when(begun.at)}`, bold: true },
      meta.statement,
      ...gaugeLine(begun.body.gauge, say),
      proof
        ? `By its letter: ${passes === null ? 'open' : passes ? 'passes' : 'fails'}. By its readings: ${verdictWords[proof.verdict]}${chanceOf(proof)}.`
        : 'What its readings say is not known.',
      ...(ended ? [`Ended by ${ended.by}, ${when(ended.at)}: ${endedLine(ended)}`] : ['Not ended.']),
      ...(ended?.body.signature ? [signatureOf(ended.body.signature)] : []),
      ...looks.map(
        ({ at, by, dry, wet }) =>
          `Looked at under pressure by ${by}, ${when(at)}: ${dry.length} joints dry${wet.length > 0 ? `, ${wet.length} not` : ''}.`,
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
}

import type { Content } from 'pdfmake/interfaces'
import { traceSheet } from '~~/core/draw/trace'
import { stepPressure } from '~~/core/prove/profile'
import { endedLine } from '~~/core/record/lines'
import { testProfileOf } from '~~/core/prove/profiles'
import type { Speaker } from '~~/core/quantity/words/speaks'
import { paperColours } from './paper-colours'
import { list, when, type RecordPrint } from './record-print'

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
      proof
        ? `By its letter: ${passes === null ? 'open' : passes ? 'passes' : 'fails'}. By its readings: ${proof.verdict}, chance of a leak that matters ${(proof.probability * 100).toFixed(1)} %.`
        : 'What its readings say is not known.',
      ...(ended ? [`Ended by ${ended.by}, ${when(ended.at)}: ${endedLine(ended)}`] : ['Not ended.']),
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

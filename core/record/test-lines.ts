import { groupBy } from '../quantity/group-by'
import { formatClock } from '../quantity/words/format-duration'
import type { Speaker } from '../quantity/words/speaks'
import type { RecordedTest } from './record'

/** What the page and the paper say of a test beside its verdicts, each a line of its own. */

type Told = Pick<RecordedTest, 'begun' | 'touches' | 'pumped' | 'openedAgain' | 'joints'>

/** The gauge that it was read from, as far as that was noted. */
function gaugeLine({ begun }: Told, say: Speaker): string[] {
  const { name, division, above, checkedOn } = begun.body.gauge ?? {}
  const told = [
    name,
    division === undefined ? undefined : `reads to ${say.testPressure(division)}`,
    above === undefined ? undefined : `${say.length(Math.abs(above))} ${above < 0 ? 'below' : 'above'} the lowest pipe`,
    checkedOn === undefined ? undefined : `checked on ${checkedOn}`,
  ].filter((part) => part)
  return told.length > 0 ? [`Gauge: ${told.join(', ')}.`] : []
}

/** What was shut off, plugged, taken off or left on, by what was done; and what of it is open again. */
function isolationLines({ begun, openedAgain }: Told, say: Speaker): string[] {
  const there = (begun.body.isolated ?? []).filter(({ did }) => did !== 'not there')
  const named = groupBy(there, ({ did }) => did)
  const what = [...named].map(([did, of]) => {
    const things = of.map(({ what, bar }) =>
      bar === undefined ? what : `${what}, which bears ${say.testPressure(bar)}`,
    )
    return `${did}: ${things.join(', ')}`
  })
  return [
    ...(what.length > 0 ? [`Before it was raised, ${what.join('; ')}.`] : []),
    ...(openedAgain.length > 0 ? [`Opened again: ${[...new Set(openedAgain)].join(', ')}.`] : []),
  ]
}

/** @remarks for instance: `Pressure touched: topped up at 12:30.` */
const touchLine = ({ touches }: Told): string[] =>
  touches.length > 0
    ? [`Pressure touched: ${touches.map(({ did, seconds }) => `${did} at ${formatClock(seconds)}`).join(', ')}.`]
    : []

const strokeLine = ({ pumped }: Told, say: Speaker): string[] =>
  pumped
    ? [
        `Pump stroke: ${say.volume(pumped.litres)} from ${say.testPressure(pumped.from)} to ${say.testPressure(pumped.to)}.`,
      ]
    : []

/** The part that was tested, the gauge, what was shut off for it, and what was done to the pressure. */
export const testLines = (test: Told, say: Speaker): string[] => [
  ...(test.joints === null ? [] : [`Of a part: joints ${test.joints || 'that are planned no more'}.`]),
  ...gaugeLine(test, say),
  ...isolationLines(test, say),
  ...strokeLine(test, say),
  ...touchLine(test),
]

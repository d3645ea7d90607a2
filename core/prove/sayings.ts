import { formatClock } from '../quantity/words/format-duration'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** What is told of a test: what would decide it, or what is done next. */
export const proveSentences = {
  id: 'prove',
  messages: {
    'read-temperature': fixed(
      'strap a thermometer to the pipe and read it with the gauge: half a degree explains as much as a leak would',
    ),
    'wait-still': sentence(
      { seconds: 600 },
      ({ seconds }) => `wait ${Math.ceil(seconds / 60)} minutes until the pipe’s temperature is still, then read on`,
    ),
    'pump-stroke': fixed(
      'measure a stroke of the pump: how much water raises the pressure from where to where tells how soft it is',
    ),
    wait: sentence({ seconds: 300 }, ({ seconds }) => `read on for ${Math.ceil(seconds / 60)} more minutes`),
    halve: fixed('shut a valve in the middle and read both halves: each tells a leak twice as well'),
    find: fixed('find the leak: look at every joint, then shut a valve in the middle and read again'),
    done: fixed('let the profile’s time run for the record'),
    end: fixed('the time is up: end the test'),
    readings: fixed('read the gauge on: at least five readings, over three minutes'),
    'odd row': sentence(
      { seconds: 420, bar: 99.9 },
      ({ seconds, bar }, say) =>
        `one reading stands apart, ${say.testPressure(bar)} at ${formatClock(Math.round(seconds))}: strike it out if it was misread`,
    ),
    'topped up': sentence(
      { from: 180, to: 240 },
      ({ from, to }) =>
        `it rises between ${formatClock(Math.round(from))} and ${formatClock(Math.round(to))}: was it topped up? Start a new test, and leave the pump alone`,
    ),
    'plastic settles': sentence(
      { seconds: 900 },
      ({ seconds }) =>
        `plastic is still stretching: read on for ${Math.ceil(seconds / 60)} more minutes before anything is said`,
    ),
    rises: fixed(
      'it rises, and warmth does not explain it: does a valve let the main in? Shut it, or take it off, and test again',
    ),
    'no fit': fixed(
      'the readings do not fit a leak, nor a tight line: look at each row, the pump, a valve that passes, the gauge',
    ),
  },
} as const
export const proveSays = messagesOf(proveSentences)
export type NextKind = keyof typeof proveSentences.messages

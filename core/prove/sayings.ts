import { formatClock } from '../quantity/words/format-duration'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** What is told of a test: what would decide it, or what is done next. */
export const proveSentences = {
  id: 'prove',
  messages: {
    'read-temperature': fixed(
      'strap a thermometer to the pipe and read it with the gauge: half a degree looks the same as a leak',
    ),
    'wait-still': sentence(
      { seconds: 600 },
      ({ seconds }) => `wait ${Math.ceil(seconds / 60)} minutes until the pipe temperature is steady, then read on`,
    ),
    'pump-stroke': fixed(
      'measure a pump stroke: the water pumped in, and the pressure before and after, show how much the line stretches',
    ),
    wait: sentence({ seconds: 300 }, ({ seconds }) => `read on for ${Math.ceil(seconds / 60)} more minutes`),
    halve: fixed('shut a valve in the middle and read both halves: each shows a leak twice as clearly'),
    find: fixed('find the leak: walk round once for anything wet, then go from joint to joint; a shut valve halves it'),
    'find under pressure': fixed(
      'it falls, then stands: a joint that opens under pressure only, or a valve that passes. Raise it again and inspect every joint, unpressed ones first',
    ),
    weeps: fixed(
      'it weeps, by less than matters here: inspect every joint with tissue, and make good what is damp before it is covered',
    ),
    done: fixed('let the test time run out for the record'),
    end: fixed('the time is up: end the test'),
    readings: fixed('read the gauge on: at least five readings, over three minutes'),
    'odd row': sentence(
      { seconds: 420, bar: 99.9 },
      ({ seconds, bar }, say) =>
        `one reading is far off, ${say.testPressure(bar)} at ${formatClock(Math.round(seconds))}: strike it out if it was misread`,
    ),
    'topped up': sentence(
      { from: 180, to: 240 },
      ({ from, to }) =>
        `it rises between ${formatClock(Math.round(from))} and ${formatClock(Math.round(to))}: was it topped up? Say so, or start a new test and leave the pump alone`,
    ),
    'plastic settles': sentence(
      { seconds: 900 },
      ({ seconds }) => `plastic is still stretching: read on for ${Math.ceil(seconds / 60)} more minutes first`,
    ),
    rises: fixed(
      'it rises, and warming does not explain it: does a valve pass mains water? Shut it or disconnect, and test again',
    ),
    'no fit': fixed(
      'the readings fit neither a leak nor a tight line: check each reading, the pump, a passing valve, the gauge',
    ),
  },
} as const
export const proveSays = messagesOf(proveSentences)
export type NextKind = keyof typeof proveSentences.messages

import { fixed, messagesOf, sentence } from '../quantity/message'

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
    readings: fixed('read the gauge: three readings at least'),
  },
} as const
export const proveSays = messagesOf(proveSentences)
export type NextKind = keyof typeof proveSentences.messages

import { fixed, messagesOf, sentence, type Vocabulary } from '../quantity/words/sentence'

/** An observation that speaks against the likeliest pipe. */
const contradictionSentences = {
  id: 'contradiction',
  messages: {
    sticks: sentence({ material: 'copper' }, ({ material }) => `a magnet does not stick to ${material}`),
    'does not stick': sentence({ material: 'carbon steel' }, ({ material }) => `a magnet sticks to ${material}`),
    look: sentence(
      { kind: 'colour', value: 'green', material: 'PEX-A' },
      ({ kind, value, material }) => `${kind} “${value}” is not ${material}`,
    ),
    place: sentence(
      { value: 'in the ground', material: 'PEX-B' },
      ({ value, material }) => `${material} is seldom found ${value}`,
    ),
    off: sentence<{
      readonly of: 'caliper' | 'tape' | 'the string gives' | 'the wall of'
      readonly read: number
      readonly off: number
      readonly expected: number
    }>(
      { of: 'caliper', read: 22.2, off: 0.7, expected: 21.49 },
      ({ of, read, off, expected }, say) =>
        `${of} ${say.diameter(read)} is ${say.diameter(off)} from the ${say.diameter(expected)} of this pipe`,
    ),
    gauge: sentence(
      { gauge: 22, goes: true, od: 21.49 },
      ({ gauge, goes, od }, say) =>
        `the ${say.diameter(gauge)} gauge ${goes ? 'goes' : 'does not go'} on, and this pipe is ${say.diameter(od)}`,
    ),
    print: sentence({ text: '3/4 COPPER' }, ({ text }) => `the print “${text}” is not this pipe’s`),
  },
} as const

/** What to be warned of as soon as a pipe is taken for one. */
const warningSentences = {
  id: 'pipe-warning',
  messages: {
    lead: fixed('Lead: do not drink from it, do not extend it; replace it, by a licensed person.'),
    'old grey': fixed('Old grey polybutylene: withdrawn, fails without warning; replace rather than repair.'),
    'carbon steel': fixed('Carbon steel: sealed heating only, never drinking water.'),
    'soft copper': fixed('Soft copper: re-round before any joint; no push-fit.'),
    barrier: fixed('For heating only with an oxygen barrier: read the print line.'),
  },
} as const

/** What to look at next. */
const checkSentences = {
  id: 'next-check',
  messages: {
    colour: fixed('look at the colour'),
    place: fixed('where is it?'),
    magnet: fixed('hold a magnet to it'),
    tap: fixed('knock on it with a spanner'),
    feel: fixed('try to bend it by hand'),
    'cut-end': fixed('look at a cut end'),
    stripe: fixed('look for a coloured stripe'),
    scratch: fixed('scratch it and look at the mark'),
    print: fixed('read the print line'),
    diameter: fixed('put a caliper across it'),
    circumference: fixed('wrap a string round it and measure the string'),
    wall: fixed('measure the wall at a cut end'),
    joint: fixed('look at a fitting already on it'),
    gauge: fixed('try a size gauge on it'),
  },
} as const

export const contradictionSays = messagesOf(contradictionSentences)
export const warningSays = messagesOf(warningSentences)
export const checkSays = messagesOf(checkSentences)

/** All that identification can say. */
export const identifyVocabularies: readonly Vocabulary[] = [contradictionSentences, warningSentences, checkSentences]

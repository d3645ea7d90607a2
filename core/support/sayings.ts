import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** What is to be said of a leg's clips. */
export const supportSentences = {
  id: 'support',
  messages: {
    'no spacing': sentence(
      { table: 'International Plumbing Code (2021)', pipe: '20 PP-R' },
      ({ table, pipe }) => `clips: the ${table} table has no support distance for ${pipe}: ask the maker`,
    ),
    'not measured': fixed('clips: not known until the fittings of this leg are measured'),
    'no timber': sentence<{ readonly spans: readonly { readonly from: number; readonly to: number }[] }>(
      { spans: [{ from: 300, to: 2700 }] },
      ({ spans }, say) =>
        `clips: nothing to fix to from ${spans.map(({ from, to }) => `${say.length(from)} to ${say.length(to)}`).join(', ')}: put a batten between`,
    ),
    'bare corner': sentence(
      { length: 2400, most: 1200 },
      ({ length, most }, say) =>
        `clips: ${say.length(length)} bare round this corner, along the pipe, where ${say.length(most)} is the most: put a batten beside it`,
    ),
    'short leg': sentence(
      { length: 2400, most: 1800 },
      ({ length, most }, say) =>
        `clips: too short for one, and the clips beside it do not carry it: ${say.length(length)} bare along the pipe, where ${say.length(most)} is the most`,
    ),
    'in soil': fixed('in soil: laid on sand, no clips'),
    carried: fixed('too short for a clip: the clips beside it carry it'),
  },
} as const

export const supportSays = messagesOf(supportSentences)

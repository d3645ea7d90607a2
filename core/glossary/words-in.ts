import { glossary } from './glossary'

/** A stretch of a text; where it is a word of the glossary, which. */
export interface Stretch {
  readonly text: string
  readonly word?: string
}

/** What is asked about most goes by another entry's name in a sentence. */
const spoken = new Map(
  glossary.flatMap(({ word, american }) => {
    const entry = word.replace(/ \(.*\)$/, '')
    return [entry, ...(american ? [american] : [])].map((said) => [said.toLowerCase(), word] as const)
  }),
)
const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')
/** The longer first: a slip coupling is not a coupling. A word of these ends there, or in s. */
const known = new RegExp(
  `(?<![\\p{L}-])(${[...spoken.keys()]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})(?=s?(?![\\p{L}-]))`,
  'giu',
)

/**
 * A text cut where it says a word of the glossary for the first time.
 *
 * @example wordsIn('Nut, then olive.') // [{ text: 'Nut, then ' }, { text: 'olive', word: 'olive' }, { text: '.' }]
 */
export function wordsIn(text: string): readonly Stretch[] {
  const seen = new Set<string>()
  const found: Stretch[] = []
  let from = 0
  for (const match of text.matchAll(known)) {
    const word = spoken.get(match[0].toLowerCase())!
    if (seen.has(word)) continue
    seen.add(word)
    if (match.index > from) found.push({ text: text.slice(from, match.index) })
    found.push({ text: match[0], word })
    from = match.index + match[0].length
  }
  return from < text.length ? [...found, { text: text.slice(from) }] : found
}

import type { Units } from '../units'

/** The trade's words where they differ: as the core writes them, and as they are said where pipe is sold in inches. */
const american: readonly (readonly [RegExp, string])[] = [
  [/\bspanners\b/g, 'wrenches'],
  [/\bspanner\b/g, 'wrench'],
  [/\bSpanners\b/g, 'Wrenches'],
  [/\bSpanner\b/g, 'Wrench'],
  [/\btap(s?)\b/g, 'faucet$1'],
  [/\bTap(s?)\b/g, 'Faucet$1'],
  [/\bolive(s?)\b/g, 'ferrule$1'],
  [/\bOlive(s?)\b/g, 'Ferrule$1'],
  [/\bnoggins?\b/g, 'blocking'],
  [/\bbattens?\b/g, 'blocking'],
  [/\bstop valve(s?)\b/g, 'shut-off valve$1'],
  [/\bStop valve(s?)\b/g, 'Shut-off valve$1'],
  [/\b([Aa])n (ferrule)/g, '$1 $2'],
  [/\ba blocking\b/g, 'blocking'],
]

/**
 * A text of the core in the reader's own trade words.
 *
 * @example inTradeWords('an olive and two spanners', 'imperial') // 'a ferrule and two wrenches'
 */
export function inTradeWords(text: string, units: Units): string {
  return units === 'metric' ? text : american.reduce((said, [word, own]) => said.replace(word, own), text)
}

import type { Units } from '../units'

/** The trade's words where they differ: as the core writes them, and as they are said where pipe is sold in inches. */
const american: readonly (readonly [core: string, said: string])[] = [
  ['two grips', 'two pairs of tongue-and-groove pliers'],
  ['grips:', 'pliers:'],
  ['spanners', 'wrenches'],
  ['spanner', 'wrench'],
  ['bib tap', 'hose bibb'],
  ['taps', 'faucets'],
  ['tap', 'faucet'],
  ['drain cock', 'drain valve'],
  ['mains water', 'supply water'],
  ['olives', 'ferrules'],
  ['olive', 'ferrule'],
  ['noggins?', 'blocking'],
  ['battens?', 'blocking'],
  ['stop valve', 'shut-off valve'],
  ['stop valves', 'shut-off valves'],
  ['clips', 'straps'],
  ['clip', 'strap'],
  ['clipped', 'strapped'],
  ['deburr', 'ream'],
  ['deburred', 'reamed'],
  ['deburrer', 'reamer'],
  ['multilayer', 'PEX-AL-PEX'],
  ['tool hire', 'tool rental'],
  ['hire', 'rent'],
  ['hired', 'rented'],
  ['centre', 'center'],
  ['centres', 'centers'],
  ['colour', 'color'],
  ['colours', 'colors'],
  ['coloured', 'colored'],
  ['grey', 'gray'],
  ['galvanised', 'galvanized'],
  ['mid-storey', 'mid-story'],
]

const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1)

/** Each word as it stands within a sentence, and as it begins one. */
const said: readonly (readonly [RegExp, string])[] = [
  ...american.flatMap(([core, own]) => [
    [new RegExp(`\\b${core}(?!\\w)`, 'g'), own] as const,
    [new RegExp(`\\b${capital(core)}(?!\\w)`, 'g'), capital(own)] as const,
  ]),
  [/\b([Aa])n (ferrule)/g, '$1 $2'],
  [/\ba blocking\b/g, 'blocking'],
]

/**
 * A text of the core in the reader's own trade words.
 *
 * @example inTradeWords('an olive and two spanners', 'imperial') // 'a ferrule and two wrenches'
 */
export const inTradeWords = (text: string, units: Units): string =>
  units === 'metric' ? text : said.reduce((told, [word, own]) => told.replace(word, own), text)

/**
 * A noun with its article.
 *
 * @example withArticle('elbow') // 'an elbow'
 * @example withArticle('22 solder tee') // 'a 22 solder tee'
 */
export const withArticle = (noun: string): string => `${/^(?:[aeio]|8|11|18)/i.test(noun) ? 'an' : 'a'} ${noun}`

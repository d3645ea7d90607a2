import { openSync, type Font } from 'fontkit'
import devanagari from '@fontsource/noto-sans-devanagari/unicode.json'
import korean from '@fontsource/noto-sans-kr/unicode.json'
import chinese from '@fontsource/noto-sans-sc/unicode.json'
import symbols from '@fontsource/noto-sans-symbols-2/unicode.json'
import thai from '@fontsource/noto-sans-thai/unicode.json'
import { join } from 'node:path'
import type { FontOf } from './spelling'

/** Fonts that come in many small files, each for some letters; tried in this order. */
const families: readonly (readonly [name: string, ranges: Readonly<Record<string, string>>])[] = [
  ['noto-sans-sc', chinese],
  ['noto-sans-kr', korean],
  ['noto-sans-devanagari', devanagari],
  ['noto-sans-thai', thai],
  ['noto-sans-symbols-2', symbols],
]

/** Their names, as the build keeps them. */
export const fontFamilies: readonly string[] = families.map(([name]) => name)

interface FontFile {
  readonly name: string
  readonly ranges: readonly (readonly [from: number, to: number])[]
}

const rangesIn = (text: string): FontFile['ranges'] =>
  text.split(',').map((range) => {
    const [from, to = from] = range.replace('U+', '').split('-')
    return [Number.parseInt(from!, 16), Number.parseInt(to!, 16)]
  })

const files: readonly FontFile[] = families.flatMap(([family, ranges]) =>
  Object.entries(ranges).map(([part, text]) => ({
    name: `${family}-${part.replace(/[[\]]/g, '')}-400-normal`,
    ranges: rangesIn(text),
  })),
)

/** The fonts of a folder: which has a letter, and the files of those that were asked for. */
export function fontsIn(folder: string, usual: string) {
  const opened = new Map<string, Font>()
  const fileOf = (name: string) => join(folder, name)
  function open(file: string): Font {
    const known = opened.get(file) ?? (openSync(fileOf(file)) as Font)
    opened.set(file, known)
    return known
  }
  const found = new Map<number, ReturnType<FontOf>>()
  function find(letter: number): ReturnType<FontOf> {
    if (open(usual).hasGlyphForCodePoint(letter)) return 'usual'
    const has = files.find(
      ({ name, ranges }) =>
        ranges.some(([from, to]) => letter >= from && letter <= to) && open(`${name}.ttf`).hasGlyphForCodePoint(letter),
    )
    return has ? { font: has.name } : null
  }
  const fontOf: FontOf = (letter) => {
    const known = found.get(letter)
    if (known !== undefined) return known
    const font = find(letter)
    found.set(letter, font)
    return font
  }
  /** The fonts that letters were found in, by their names, beside the usual one. */
  const used = () =>
    [...new Set([...found.values()].flatMap((of) => (of && of !== 'usual' ? [of.font] : [])))].map((name) => ({
      name,
      file: fileOf(`${name}.ttf`),
    }))
  return { fontOf, used }
}

import { readdirSync, readFileSync } from 'node:fs'
import { parse } from 'vue/compiler-sfc'
import { expect, it } from 'vitest'
import { unspoken } from '~~/core/testing/word-list'
import { inTradeWords } from '~~/core/quantity/words/trade-words'

/** Attributes that people read or hear. */
const spoken = /^(?:label|aria-label|placeholder|title|description|help|basis|first)$/

interface Part {
  readonly type: number
  readonly content?: string | { readonly content: string }
  readonly children?: readonly Part[]
  readonly props?: readonly Attribute[]
}
interface Attribute {
  readonly type: number
  readonly name: string
  readonly value?: { readonly content: string }
  readonly exp?: { readonly content: string }
}

/** Texts of code between quotes that are more than one word. */
const quoted = (code: string): string[] =>
  [...code.matchAll(/'((?:[^'\\\n]|\\.)+)'|`((?:[^`\\]|\\.)+)`/g)]
    .map(([, single, back]) => single ?? back ?? '')
    .filter((text) => /[a-z]{2} [a-z]{2}|^[A-Z][a-z]+$/.test(text))

/** What one page or component says by itself: its texts, and those that its code holds outside of `trade(…)`. */
function textsOf(file: string): string[] {
  const { template, scriptSetup } = parse(readFileSync(file, 'utf8')).descriptor
  const told = (code: string) => quoted(code.replaceAll(/\btrade\(\s*(?:'[^']*'|`[^`]*`),?\s*\)/g, ''))
  const walk = (part: Part): string[] => [
    ...(part.type === 2 ? [String(part.content)] : []),
    ...(part.type === 5 && typeof part.content === 'object' ? told(part.content.content) : []),
    ...(part.props ?? []).flatMap(({ type, name, value, exp }) => [
      ...(type === 6 && value && spoken.test(name) ? [value.content] : []),
      ...(type === 7 && name === 'bind' && exp ? told(exp.content) : []),
    ]),
    ...(part.children ?? []).flatMap(walk),
  ]
  return [...walk((template?.ast ?? { type: 0 }) as Part), ...told(scriptSetup?.content ?? '')].map((text) =>
    text.replaceAll(/\s+/g, ' ').trim(),
  )
}

const files = readdirSync('app', { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.vue'))
  .map((name) => `app/${name}`)

it('no page says what nobody says at the counter', () => {
  expect(files.length).toBeGreaterThan(100)
  const faults = files.flatMap((file) =>
    textsOf(file).flatMap((text) => unspoken(text).map((word) => `${file}: ${word}: ${text}`)),
  )
  expect(faults).toEqual([])
})

it('no page says to all what is said otherwise across the ocean', () => {
  const faults = files.flatMap((file) =>
    textsOf(file)
      .filter((text) => inTradeWords(text, 'imperial') !== text)
      .map((text) => `${file}: ${text}`),
  )
  expect(faults).toEqual([])
})

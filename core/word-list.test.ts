import { describe, expect, it } from 'vitest'
import { allSentences, type SaidPart } from './testing/all-sentences'
import { unspoken } from './testing/word-list'
import { unitSystems } from './quantity/units'

const cell = (text: string): string => text.replaceAll('|', '\\|')

/** Both readers beside each other; the second only where it differs. */
function page([britain, america]: readonly [readonly SaidPart[], readonly SaidPart[]]): string {
  const parts = britain.map(({ head, texts }, at) => {
    const own = america[at]!.texts
    const rows = Array.from({ length: Math.max(texts.length, own.length) }, (_, row) => {
      const [[name, text] = own[row]!, [, other] = ['', '']] = [texts[row], own[row]]
      const said = texts[row] ? text : ''
      return `| ${cell(name)} | ${cell(said)} | ${other === said ? '' : cell(other)} |`
    })
    return [
      `## ${head}`,
      '',
      '| message | Britain, metric | North America, where it differs |',
      '| --- | --- | --- |',
      ...rows,
      '',
    ].join('\n')
  })
  return [
    '# Sentences',
    '',
    'All that the core says, each with its own sample figures: to be read through by a person. Written by `core/word-list.test.ts`; `npx vitest run --project unit core/word-list.test.ts -u` writes it again.',
    '',
    ...parts,
  ].join('\n')
}

describe('what the core says', () => {
  it('is as it was read through', async () => {
    const text = page([allSentences('metric'), allSentences('imperial')])
    await expect(text).toMatchFileSnapshot('../docs/sentences.md')
  })

  it.each(unitSystems)('has no word that nobody says at the counter, to a reader of %s units', (units) => {
    const faults = allSentences(units).flatMap(({ head, texts }) =>
      texts.flatMap(([name, text]) => unspoken(text).map((word) => `${head}, ${name}: ${word}: ${text}`)),
    )
    expect(faults).toEqual([])
  })

  it('knows such a word when it meets one', () => {
    expect(unspoken('Another pipe is told; the made-up piece finds no room, a elbow stands')).toEqual([
      'Another pipe',
      'is told',
      'made-up piece',
      'a elbow',
    ])
    expect(unspoken('Add pipe. An elbow, a union, a 22 tee.')).toEqual([])
  })
})

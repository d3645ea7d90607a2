import { expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { shippedFittings } from '../catalogue/fittings'
import { unspoken } from '../testing/word-list'
import { glossary } from './glossary'

const labels = new Set(shippedFittings().map(({ label }) => label))

it('has each word once, says what it means, and shows it by what is made', () => {
  expect(new Set(glossary.map(({ word }) => word)).size).toBe(glossary.length)
  for (const { word, means, shownBy } of glossary) {
    expect(unspoken(means), word).toEqual([])
    if (typeof shownBy === 'string') expect(labels, word).toContain(shownBy)
    if (typeof shownBy === 'object' && 'on' in shownBy) expect(shippedCatalogue.pipe(shownBy.on), word).toBeDefined()
  }
})

it('stands in the documents as it is in the page', async () => {
  const rows = glossary.map(({ word, american, means }) => `| ${word}${american ? ` / ${american}` : ''} | ${means} |`)
  const page = [
    '# Glossary',
    '',
    'The trade’s words as Jolvet and its code use them; where Britain and North America differ, both. Written by `core/glossary/glossary.test.ts` from what the page shows under `?`.',
    '',
    '| word | meaning |',
    '| --- | --- |',
    ...rows,
    '',
  ].join('\n')
  await expect(page).toMatchFileSnapshot('../../docs/glossary.md')
})

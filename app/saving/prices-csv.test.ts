import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../core/catalogue/catalogue'
import { readPricesCsv } from './prices-csv'

const pipe = catalogue.pipes.find(({ material }) => material === 'copper')!.id

it('reads a list of what to bring to which price and code were added, pipe by the metre or foot', () => {
  const text = `\uFEFFcount;what;Item;length;Price;Code\n1;pipe;${pipe};3000;6,40;P-1\n2;elbow;22 elbow;;1,85;\n1;tin;flux;;;\n`
  expect(readPricesCsv(text, 'metric')).toEqual({
    prices: { [pipe]: { price: 6.4, code: 'P-1' }, '22 elbow': { price: 1.85 } },
    rows: [
      { item: pipe, price: '6,40', code: 'P-1' },
      { item: '22 elbow', price: '1,85', code: '' },
    ],
    problems: [],
  })
  const priced = readPricesCsv(`item,price\n${pipe},2.00\n`, 'imperial').prices[pipe]?.price
  expect(priced).toBeCloseTo(2 / 0.3048, 9)
})

it('says what its head line lacks', () => {
  const lacks = [{ line: 1, problem: 'the head line wants item, and price or code' }]
  expect(readPricesCsv('what,price\nelbow,2\n', 'metric').problems).toEqual(lacks)
  expect(readPricesCsv('item,what\nelbow,2\n', 'metric').problems).toEqual(lacks)
})

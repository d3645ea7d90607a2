import { expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { pipeId } from '../testing/sample-run'
import { layPieces } from './lay-pieces'
import { stockToBring } from './to-bring'

const [copper, smaller] = [pipeId('EN 1057', '22', 0.9), pipeId('EN 1057', '15', 0.7)]
const stock = layPieces(
  shippedCatalogue,
  [
    { id: 'P1', pipe: copper, blank: 2000 },
    { id: 'P2', pipe: copper, blank: 1500 },
    { id: 'P3', pipe: smaller, blank: 400 },
    { id: 'P4', pipe: smaller, blank: null },
  ],
  { lengths: { [copper]: 2500, [smaller]: 3000 }, kerf: 0, keep: 300 },
)

it('new lengths are counted by pipe, as the plan lays them', () => {
  expect(stockToBring(stock, new Map()).map(({ count, length }) => [count, length])).toEqual([
    [2, 2500],
    [1, 3000],
  ])
})

it('what comes off the rack is not brought, and a better way to lay them counts', () => {
  const piece = { id: 'P2', length: 1500 }
  const bars = [
    { length: 1600, pieces: [piece], rest: 100, offcut: '7' },
    { length: 2500, pieces: [{ id: 'P1', length: 2000 }], rest: 500 },
  ]
  const offcutOnly = [{ length: 500, pieces: [{ id: 'P3', length: 400 }], rest: 100, offcut: '8' }]
  const laid = new Map([
    [copper, bars],
    [smaller, offcutOnly],
  ])
  expect(stockToBring(stock, laid)).toEqual([{ pipe: stock[0]!.pipe, label: stock[0]!.label, count: 1, length: 2500 }])
})

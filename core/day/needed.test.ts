import { expect, it } from 'vitest'
import { neededBy } from './needed'
import { bringFromVan, vanTable } from './van-tables'

it('takes lengths in mm whatever the list is in, and one of what comes by the tin', () => {
  const list = (length: number, solder: number) => ({
    ...{ title: 'What to bring', head: [] },
    rows: [
      [2, 'pipe', 'pipe-1', length],
      [3, 'elbow', 'elbow-1', null],
      [null, 'solder', 'solder', solder],
    ],
  })
  const rest = [
    { item: 'elbow-1', what: 'elbow', mm: null, count: 3 },
    { item: 'solder', what: 'solder', mm: null, count: 1, ofTin: { mm: 1219.2 } },
  ]
  expect(neededBy(list(3000, 1219.2), 'metric')).toEqual([
    { item: 'pipe-1', what: 'pipe', mm: 3000, count: 2 },
    ...rest,
  ])
  expect(neededBy(list(120, 48), 'imperial')).toEqual([{ item: 'pipe-1', what: 'pipe', mm: 3048, count: 2 }, ...rest])
})

it('lists what to bring with what is there and what is to be got, in the units of who reads it', () => {
  const pipe = { item: 'pipe-1', what: 'pipe', mm: 3048, count: 2, there: 3, promised: 2, missing: 1 }
  const solder = {
    item: 'solder',
    what: 'solder',
    mm: null,
    count: 1,
    ofTin: { mm: 1219.2 },
    there: 0,
    promised: 0,
    missing: 1,
  }
  expect(bringFromVan([pipe, solder], 'imperial', { elbow: { price: 2 } })).toEqual({
    title: 'What to bring',
    head: ['count', 'what', 'item', 'length, in', 'in the van', 'of them for visits before', 'to get'],
    rows: [
      [2, 'pipe', 'pipe-1', 120, 3, 2, 1],
      [null, 'solder', 'solder', 48, 0, 0, 1],
    ],
  })
  const coded = bringFromVan([pipe, solder], 'imperial', { solder: { code: 'S-97' } })
  expect([coded.head.at(-1), coded.rows.map((row) => row.at(-1))]).toEqual(['code', [null, 'S-97']])
})

it('lists what is in the van, with how many there are always to be', () => {
  const items = [{ item: 'pipe-1', what: 'pipe', mm: 3000, count: 2, least: 4 }]
  expect(vanTable({ items, taken: [] }, 'metric')).toEqual({
    title: 'Van',
    head: ['count', 'what', 'item', 'length, mm', 'always there'],
    rows: [[2, 'pipe', 'pipe-1', 3000, 4]],
  })
})

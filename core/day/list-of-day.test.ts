import { describe, expect, it } from 'vitest'
import type { ListTable } from '../record/lists'
import { listOfDay } from './list-of-day'

const list = (rows: ListTable['rows']): ListTable => ({ title: 'What to bring', head: [], rows })

describe('the list of a day', () => {
  it('counts the same item together, keeps other lengths apart, and adds up what comes by the tin', () => {
    const one = list([
      [2, '22 copper', 'copper-22', 3000],
      [2, '22 elbow', 'elbow-22', null],
      [null, 'solder', 'solder', 300],
      [null, 'flux', 'flux', null],
    ])
    const other = list([
      [1, '22 copper', 'copper-22', 3000],
      [1, '22 copper', 'copper-22', 6000],
      [3, '22 elbow', 'elbow-22', null],
      [null, 'solder', 'solder', 120.5],
      [null, 'flux', 'flux', null],
    ])
    expect(listOfDay([one, other])?.rows).toEqual([
      [3, '22 copper', 'copper-22', 3000],
      [5, '22 elbow', 'elbow-22', null],
      [null, 'solder', 'solder', 420.5],
      [null, 'flux', 'flux', null],
      [1, '22 copper', 'copper-22', 6000],
    ])
    expect(one.rows[1]![0]).toBe(2)
  })

  it('of no job is none', () => expect(listOfDay([])).toBeNull())
})

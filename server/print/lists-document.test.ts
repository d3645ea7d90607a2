import { describe, expect, it } from 'vitest'
import { listsDocument } from './lists-document'

const list = {
  title: 'What to bring',
  head: ['count', 'what', 'length, mm'],
  rows: [
    [2, '15 solder elbow 90°, a name that is long', null],
    [1, '15 × 0.7 copper', 3000],
  ],
}
const told = (of: unknown) => JSON.stringify(of)

describe('lists on paper', () => {
  it('have a box before each row, figures at the right, and nothing where nothing is', () => {
    const { content, pageSize } = listsDocument({ title: 'Kiln Street', paper: 'letter', lists: [list] })
    const [, , table] = content as { table: { body: unknown[][]; widths: unknown[] } }[]
    expect(pageSize).toBe('LETTER')
    expect(table!.table.widths).toEqual([14, 'auto', '*', 'auto'])
    expect(table!.table.body).toHaveLength(3)
    expect(table!.table.body[1]!.slice(1)).toEqual([
      { text: '2', alignment: 'right' },
      { text: '15 solder elbow 90°, a name that is long' },
      { text: '' },
    ])
    for (const row of table!.table.body.slice(1)) expect(told(row[0])).toContain('rect')
  })

  it('without a row says so, and names its page on each sheet', () => {
    const { content, footer } = listsDocument({ title: 'Kiln Street', paper: 'a4', lists: [{ ...list, rows: [] }] })
    expect(told(content)).toContain('Nothing.')
    expect((footer as (page: number, pages: number) => unknown)(2, 3)).toMatchObject({
      text: 'Kiln Street, page 2 of 3',
    })
  })
})

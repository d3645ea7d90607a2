import { strFromU8, unzipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { listCsv, listsXlsx } from './list-files'

const list = {
  title: 'Cut list',
  head: ['piece', 'cut, mm'],
  rows: [
    ['P1', 837.5],
    ['=1+1', null],
  ],
}

describe('a list as a file', () => {
  it('as CSV begins with its head, and holds no formula', () => {
    expect(listCsv(list)).toBe('piece,"cut, mm"\r\nP1,837.5\r\n"\'=1+1",\r\n')
  })

  it('as a workbook has a sheet each, numbers as numbers, words as words', async () => {
    const file = unzipSync(
      new Uint8Array(await (await listsXlsx([list, { ...list, title: 'What to bring' }])).arrayBuffer()),
    )
    const text = (name: string) => strFromU8(file[name]!)
    expect(text('xl/workbook.xml')).toMatch(/name="Cut list".*name="What to bring"/s)
    const sheet = text('xl/worksheets/sheet1.xml')
    expect(sheet).toMatch(/<c r="B2"[^>]*><v>837.5<\/v>/)
    // What looks like a formula is a word among words.
    expect(sheet).not.toContain('<f>')
    expect(text('xl/sharedStrings.xml')).toContain('=1+1')
  })
})

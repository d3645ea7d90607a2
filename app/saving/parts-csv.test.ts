import { describe, expect, it } from 'vitest'
import type { Part } from '~~/core/catalogue/part'
import { partsCsv, readPartsCsv } from './parts-csv'

const parts: Part[] = [
  {
    socket: 'solder:EN 1254-1:22',
    end: 'either',
    mm: 15.8,
    tolerance: 0.2,
    basis: 'measured',
    by: 'Beck, R.',
    note: '',
  },
  {
    socket: 'compression:by outside diameter, inch:7/8',
    fitting: 'tee',
    end: 'branch',
    mm: 21,
    tolerance: 0.5,
    basis: 'maker',
    by: 'A. Senn',
    note: 'sheet says “21”, measured\nagain',
  },
]

describe('parts as CSV', () => {
  it('comes back as it went out, quotes, commas and line ends and all', () => {
    const { changes, problems } = readPartsCsv(partsCsv(parts), [])
    expect(problems).toEqual([])
    expect(changes.map(({ part }) => part)).toEqual(parts)
  })

  it('takes a spreadsheet’s byte mark, semicolons and decimal commas', () => {
    const text = '\uFEFFwhat;method;size;mm;tolerance_mm;basis;by\ndepth;solder;22;15,8;0,2;measured;R. Beck\n'
    expect(readPartsCsv(text, []).changes[0]?.part).toMatchObject({ mm: 15.8, tolerance: 0.2 })
  })

  it('names the columns that a file lacks', () => {
    expect(readPartsCsv('size,depth\n22,15\n', []).problems[0]?.problem).toContain('what, method, mm')
    expect(readPartsCsv('', []).problems).toHaveLength(1)
  })
})

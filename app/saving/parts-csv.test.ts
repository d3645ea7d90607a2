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
    const { changes, problems } = readPartsCsv(partsCsv(parts, 'metric'), [])
    expect(problems).toEqual([])
    expect(changes.map(({ part }) => part)).toEqual(parts)
  })

  it('in inches is written in inches, as its head says, and comes back to the thousandth of a millimetre', () => {
    const text = partsCsv(parts, 'imperial')
    expect(text.split('\r\n')[0]).toBe('what,method,system,size,fitting,end,in,tolerance_in,basis,by,note')
    expect(text).toContain(',0.62205,0.00787,')
    expect(readPartsCsv(text, []).changes.map(({ part }) => part)).toEqual(parts)
  })

  it('names the column that is wrong, in millimetres or in inches', () => {
    const of = (head: string, figure: string) =>
      readPartsCsv(`what,method,size,${head},basis,by\ndepth,solder,22,${figure},measured,Beck\n`, []).problems[0]
        ?.problem
    expect(of('mm,tolerance_mm', '600,1')).toContain('mm: millimetres from -50 to 500')
    expect(of('in,tolerance_in', '0.6,9')).toContain('tolerance_in: ')
  })

  it('no cell is a formula to a spreadsheet, and comes back as it was', () => {
    const spoilt = parts.map((part) => ({ ...part, by: '=1+1', note: '@SUM(A1)' }))
    const text = partsCsv(spoilt, 'metric')
    expect(text).toContain("'=1+1")
    expect(text).not.toMatch(/[,"\n][=@]/)
    expect(readPartsCsv(text, []).changes.map(({ part }) => part)).toEqual(spoilt)
    const short = parts.map((part) => ({ ...part, fitting: 'elbow-90' as const, end: 'either' as const, mm: -2.5 }))
    expect(readPartsCsv(partsCsv(short, 'metric'), []).changes.map(({ part }) => part)).toEqual(short)
  })

  it('takes a spreadsheet’s byte mark, semicolons and decimal commas', () => {
    const text = '\uFEFFwhat;method;size;mm;tolerance_mm;basis;by\ndepth;solder;22;15,8;0,2;measured;R. Beck\n'
    expect(readPartsCsv(text, []).changes[0]?.part).toMatchObject({ mm: 15.8, tolerance: 0.2 })
  })

  it('names the columns that a file lacks', () => {
    expect(readPartsCsv('size,depth\n22,15\n', []).problems[0]?.problem).toContain('what, method')
    expect(readPartsCsv('', []).problems).toHaveLength(1)
  })
})

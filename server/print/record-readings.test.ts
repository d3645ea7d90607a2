import { describe, expect, it } from 'vitest'
import { speakerIn } from '~~/core/speech'
import { readingsTable, thinned } from './record-readings'

const say = speakerIn('metric')
const readings = (count: number, more: object = {}) =>
  Array.from({ length: count }, (_, at) => ({ seconds: 60 * at, bar: 10 - at / 100, at: '', ...more }))
interface Table {
  readonly table: { readonly body: readonly (readonly unknown[])[] }
}
const bodyOf = (of: ReturnType<typeof readings>) => (readingsTable(of, say).at(-1) as Table).table.body

describe('the readings of a test on paper', () => {
  it('stand in three columns, downwards, with where they come from', () => {
    const rows = bodyOf(readings(7, { celsius: 15, from: 'simulated' }))
    expect(rows).toHaveLength(4)
    expect(rows[1]).toEqual(
      [
        ['0:00', '10.00 bar', '15 °C', 'simulated'],
        ['3:00', '9.97 bar', '15 °C', 'simulated'],
        ['6:00', '9.94 bar', '15 °C', 'simulated'],
      ].flat(),
    )
    expect(rows[3]!.slice(8)).toEqual(['', '', '', ''])
    expect(bodyOf(readings(1, { from: 'hand' }))[1]!.slice(0, 4)).toEqual(['0:00', '10.00 bar', '', ''])
  })

  it('of a long test are evenly far apart, the first and the last among them, and the paper says so', () => {
    expect(thinned([0, 1, 2, 3, 4, 5, 6, 7, 8], 5)).toEqual([0, 2, 4, 6, 8])
    expect(thinned([0, 1, 2], 3)).toEqual([0, 1, 2])
    const [said] = readingsTable(readings(40_000), say)
    expect(said).toMatchObject({ text: '120 of 40000 readings; the JSON file has all of them.' })
    expect(bodyOf(readings(40_000)).flat()).toContain('9.60 bar'.replace('9.60', (10 - 399.99).toFixed(2)))
    expect(readingsTable([], say)).toEqual([])
  })
})

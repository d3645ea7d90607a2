import { describe, expect, it } from 'vitest'
import { readPriceRows } from './own-prices'

const isPipe = (item: string) => item.startsWith('pipe')
const read = (rows: Parameters<typeof readPriceRows>[0], units: 'metric' | 'imperial' = 'metric') =>
  readPriceRows(rows, units, isPipe)

describe('a price list', () => {
  it('gives prices and codes by item, and passes over rows that say neither', () => {
    const { prices, problems } = read([
      { item: '22 solder elbow 90°', price: '1.85', code: 'E-22' },
      { item: '22 solder tee', code: 'T-22' },
      { item: '22 solder cap', price: ' ' },
    ])
    expect(problems).toEqual([])
    expect(prices).toEqual({ '22 solder elbow 90°': { price: 1.85, code: 'E-22' }, '22 solder tee': { code: 'T-22' } })
  })

  it('reads amounts as they are written, with comma or point', () => {
    const amount = (price: string) => read([{ item: 'a', price }]).prices.a?.price
    expect(['1.85', '1,85', '1,234.50', '1.234,5', "1'200", '12', '0,0375', '1,234,5', '12x'].map(amount)).toEqual([
      ...[1.85, 1.85, 1234.5, 1234.5, 1200, 12, 0.0375, undefined, undefined],
    ])
    // A thousand and two hundred, or one and a fifth: nobody can tell.
    expect([amount('1,200'), read([{ item: 'a', price: '1.200' }]).problems[0]?.problem]).toEqual([
      undefined,
      expect.stringContaining('1.200 is read as thousands here and as thousandths there'),
    ])
  })

  it('takes pipe by the metre, in inches by the foot; anything else by the piece', () => {
    const priced = (item: string) => read([{ item, price: '3.0480' }], 'imperial').prices[item]?.price
    expect(priced('pipe 1/2')).toBeCloseTo(10, 9)
    expect(priced('elbow')).toBeCloseTo(3.048, 9)
    expect(read([{ item: 'pipe 22', price: '6' }]).prices['pipe 22']?.price).toBe(6)
  })

  it('names the line and what is accepted, and takes the others', () => {
    const { prices, problems } = read([
      { item: 'a', price: 'ask' },
      { item: '', price: '1' },
      { item: 'b', price: '2' },
      { item: 'b', price: '3' },
      { item: 'c', price: '100001' },
    ])
    expect(problems).toEqual([
      { line: 2, problem: 'a price: a number from 0 to 100000' },
      { line: 3, problem: 'no item: what a list calls it' },
      { line: 5, problem: 'b stands there twice' },
      { line: 6, problem: 'a price: a number from 0 to 100000' },
    ])
    expect(prices).toEqual({ b: { price: 2 } })
  })
})

import { describe, expect, it } from 'vitest'
import { canonicalText } from './canonical'

describe('a record as text', () => {
  it('its keys stand in order at every depth, and what is not said is left out', () =>
    expect(canonicalText({ b: { d: 1, c: 'x' }, a: [{ z: true, y: null }, 2], e: undefined })).toBe(
      '{"a":[{"y":null,"z":true},2],"b":{"c":"x","d":1}}',
    ))

  it('is the same whatever order the keys came in, and another where a list has another order', () => {
    expect(canonicalText({ a: 1, b: 2, aa: 3 })).toBe(canonicalText({ aa: 3, b: 2, a: 1 }))
    expect(canonicalText([1, 2])).not.toBe(canonicalText([2, 1]))
    expect(canonicalText([undefined, 1])).toBe('[null,1]')
    expect([canonicalText(null), canonicalText('Ł"'), canonicalText(false)]).toEqual(['null', '"Ł\\""', 'false'])
  })
})

import canonicalize from 'canonicalize'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'

/** What records were sealed over before the common package was taken: those seals are for ever. */
function textBefore(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => textBefore(item ?? null)).join(',')}]`
  if (typeof value !== 'object' || value === null) return JSON.stringify(value)
  const said = Object.fromEntries(Object.entries(value).filter(([, of]) => of !== undefined))
  const keys = Object.keys(said).sort()
  return `{${keys.map((key) => `${JSON.stringify(key)}:${textBefore(said[key])}`).join(',')}}`
}

describe('a record as text', () => {
  it('its keys stand in order at every depth, and what is not said is left out', () =>
    expect(canonicalize({ b: { d: 1, c: 'x' }, a: [{ z: true, y: null }, 2], e: undefined })).toBe(
      '{"a":[{"y":null,"z":true},2],"b":{"c":"x","d":1}}',
    ))

  it('is what it was when records were first sealed', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (value) => {
        expect(canonicalize(value)).toBe(textBefore(value))
      }),
    )
    const said = { b: [undefined, 1], a: undefined, Ł: 'Ł"', '\u20ac': 1e21, aa: -0 }
    expect(canonicalize(said)).toBe(textBefore(said))
  })
})

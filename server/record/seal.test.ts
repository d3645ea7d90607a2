import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isAsSealed, sealed } from './seal'

const seal = { sealedAt: '2026-05-04T10:00:00Z', jobVersion: 3, catalogueVersion: 'x', entries: 2, previous: null }

describe('a seal', () => {
  it('holds, however a file puts its keys, and by no other record', () =>
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), fc.string({ minLength: 1 }), (record, more) => {
        const { seal: _, ...plain } = record
        const whole = JSON.parse(JSON.stringify(sealed(plain, seal))) as Record<string, unknown>
        expect(isAsSealed(whole)).toBe(true)
        expect(isAsSealed(Object.fromEntries(Object.entries(whole).reverse()))).toBe(true)
        expect(isAsSealed({ ...whole, added: more })).toBe(false)
      }),
    ))

  it('is broken by another seal’s figures, and one that is not there is said not to be', () => {
    const whole = sealed({ format: 'jolvet-record' }, seal)
    expect(isAsSealed({ ...whole, seal: { ...whole.seal, entries: 3 } })).toBe(false)
    expect(isAsSealed({ format: 'jolvet-record' })).toBeNull()
    expect(isAsSealed('text')).toBeNull()
  })
})

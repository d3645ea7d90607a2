import { describe, expect, it } from 'vitest'
import { checkSeal } from '../../core/record/seal'
import { newSigningKey, sealed } from './sign'

describe('a record that is signed', () => {
  it('is so by the key of the installation, and by another’s it is another seal', () => {
    const [ours, theirs] = [newSigningKey(), newSigningKey()]
    const words = { sealedAt: '2026-05-04T10:00:00Z', jobVersion: 3, catalogueVersion: 'x', entries: 2, previous: null }
    const record = { format: 'jolvet-record', people: ['Zoë Żak'] }
    const whole = sealed(record, words, ours)
    expect(checkSeal(JSON.parse(JSON.stringify(whole)))).toMatchObject({
      outcome: 'signed',
      seal: { key: ours.public },
    })
    expect(JSON.stringify(whole)).not.toContain(ours.private)
    expect(sealed(record, words, theirs).seal.sha256).not.toBe(whole.seal.sha256)
    expect(
      checkSeal({ ...whole, seal: { ...whole.seal, signature: sealed(record, words, theirs).seal.signature } }).outcome,
    ).toBe('signature wrong')
  })
})

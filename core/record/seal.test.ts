import { ed25519 } from '@noble/curves/ed25519.js'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkSeal, digestOf, signedText } from './seal'
import { keyWords, sealWords, wordsOf } from './seal-words'

const words = { sealedAt: '2026-05-04T10:00:00Z', jobVersion: 3, catalogueVersion: 'x', entries: 2, previous: null }
const secret = new Uint8Array(32).fill(7)
const key = bytesToHex(ed25519.getPublicKey(secret))

const ofOld = (record: object) => ({ ...record, seal: { ...words, sha256: digestOf(record, words) } })
function signed(record: object) {
  const sha256 = digestOf(record, { ...words, key })
  const signature = bytesToHex(ed25519.sign(utf8ToBytes(signedText(sha256)), secret))
  return { ...record, seal: { ...words, key, sha256, signature } }
}

describe('a seal', () => {
  it('holds, however a file puts its keys, and by no other record', () =>
    fc.assert(
      fc.property(fc.dictionary(fc.string(), fc.jsonValue()), fc.string({ minLength: 1 }), (record, more) => {
        const { seal: _, ...plain } = record
        const whole = JSON.parse(JSON.stringify(ofOld(plain))) as Record<string, unknown>
        expect(checkSeal(whole).outcome).toBe('unsigned')
        expect(checkSeal(Object.fromEntries(Object.entries(whole).reverse())).outcome).toBe('unsigned')
        expect(checkSeal({ ...whole, added: more }).outcome).toBe('changed')
      }),
    ))

  it('is broken by another seal’s figures, and one that is not there is said not to be', () => {
    const whole = ofOld({ format: 'jolvet-record' })
    expect(checkSeal({ ...whole, seal: { ...whole.seal, entries: 3 } }).outcome).toBe('changed')
    for (const none of [{ format: 'jolvet-record' }, 'text', null, { seal: {} }, { seal: null }])
      expect(checkSeal(none)).toEqual({ outcome: 'no seal' })
  })

  it('signed, it is of the key that it names and of no other', () => {
    const whole = signed({ format: 'jolvet-record', people: ['Zoë Żak'] })
    expect(checkSeal(whole)).toMatchObject({ outcome: 'signed', seal: { key } })
    expect(checkSeal({ ...whole, people: ['Zoe Zak'] }).outcome).toBe('changed')
    const other = bytesToHex(ed25519.getPublicKey(new Uint8Array(32).fill(8)))
    // Another's key under it breaks the seal; a seal made anew for it is not signed by it.
    expect(checkSeal({ ...whole, seal: { ...whole.seal, key: other } }).outcome).toBe('changed')
    const { seal: _, ...record } = whole
    const forged = { ...whole.seal, key: other, sha256: digestOf(record, { ...words, key: other }) }
    expect(checkSeal({ ...record, seal: forged }).outcome).toBe('signature wrong')
  })

  it('whose signature was taken off, cut short or is no signature is not taken for one of old', () => {
    const whole = signed({ format: 'jolvet-record' })
    const { signature, ...unsigned } = whole.seal
    for (const seal of [unsigned, { ...unsigned, signature: signature.slice(2) }, { ...unsigned, signature: 'yes' }])
      expect(checkSeal({ format: 'jolvet-record', seal }).outcome).toBe('signature wrong')
  })
})

describe('in words', () => {
  it('eleven bits are a word of the common list, the first for nought, the last for all ones', () => {
    // 00000000000 | 01111111111: 1023; then 00000000000 | 11111111111 | 11111111111.
    expect(wordsOf('000fff', 2)).toBe('abandon lend')
    expect(wordsOf('001fffffff', 3)).toBe('abandon zoo zoo')
    expect([sealWords('f'.repeat(64)).split(' ').length, keyWords(key).split(' ').length]).toEqual([8, 5])
  })
})

import { createPrivateKey, generateKeyPairSync, sign } from 'node:crypto'
import { digestOf, signedText, type Seal } from '../../core/record/seal'

/** A key of the installation: both halves in digits 0 to f. */
export interface SigningKey {
  /** The 32 bytes of an Ed25519 public key. */
  readonly public: string
  /** PKCS#8. */
  readonly private: string
}

/** Bytes of an Ed25519 key that stand behind its head in SPKI. */
const publicBytes = 32

export function newSigningKey(): SigningKey {
  const { publicKey, privateKey } = generateKeyPairSync('ed25519')
  return {
    public: publicKey.export({ type: 'spki', format: 'der' }).subarray(-publicBytes).toString('hex'),
    private: privateKey.export({ type: 'pkcs8', format: 'der' }).toString('hex'),
  }
}

/** A record with its seal, signed: whoever changes a letter of it breaks the seal. */
export function sealed<Record extends object>(
  record: Record,
  words: Omit<Seal, 'sha256' | 'key' | 'signature'>,
  key: SigningKey,
): Record & { seal: Seal } {
  const seal = { ...words, key: key.public }
  const sha256 = digestOf(record, seal)
  const by = createPrivateKey({ key: Buffer.from(key.private, 'hex'), format: 'der', type: 'pkcs8' })
  const signature = sign(null, Buffer.from(signedText(sha256)), by).toString('hex')
  return { ...record, seal: { ...seal, sha256, signature } }
}

import { ed25519 } from '@noble/curves/ed25519.js'
import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, hexToBytes, utf8ToBytes } from '@noble/hashes/utils.js'
import canonicalize from 'canonicalize'

/** What a sealed record says of its seal. */
export interface Seal {
  /** SHA-256 of the record's canonical text without this field and without the signature. */
  readonly sha256: string
  readonly sealedAt: string
  readonly jobVersion: number
  readonly catalogueVersion: string
  readonly entries: number
  /** The seal of the record before it, which this one stands for from now on; null for the first. */
  readonly previous: string | null
  /** The public half of the key that signed it, Ed25519, 64 digits; older seals have none. */
  readonly key?: string
  /** Of `jolvet-record` and the SHA-256, by that key; 128 digits. */
  readonly signature?: string
}

/** What is signed of a record. */
export const signedText = (sha: string): string => `jolvet-record ${sha}`

/**
 * The SHA-256 of a record and of what its seal says, by its canonical text as RFC 8785 has it: the same however the keys
 * were put.
 */
export const digestOf = (record: object, seal: Omit<Seal, 'sha256' | 'signature'>): string =>
  bytesToHex(sha256(utf8ToBytes(canonicalize({ ...record, seal })!)))

/** Whether a seal holds; a seal of old carries no signature, and says only that nothing was changed. */
export type SealCheck =
  | { readonly outcome: 'signed' | 'unsigned' | 'changed' | 'signature wrong'; readonly seal: Seal }
  | { readonly outcome: 'no seal' }

function isSignedBy(key: string, signature: string, sha: string): boolean {
  try {
    return ed25519.verify(hexToBytes(signature), utf8ToBytes(signedText(sha)), hexToBytes(key))
  } catch {
    return false
  }
}

/**
 * Whether a record is as it was sealed, and by whose key. Whoever changes a letter of it breaks the seal; whoever makes
 * another seal has another key.
 *
 * @param document any JSON
 * @remarks for instance: a record with one letter changed: changed
 */
export function checkSeal(document: unknown): SealCheck {
  if (typeof document !== 'object' || document === null || !('seal' in document)) return { outcome: 'no seal' }
  const { seal, ...record } = document as { seal: Seal }
  if (typeof seal?.sha256 !== 'string') return { outcome: 'no seal' }
  const { sha256: sha, signature, ...rest } = seal
  if (digestOf(record, rest) !== sha) return { outcome: 'changed', seal }
  if (rest.key === undefined && signature === undefined) return { outcome: 'unsigned', seal }
  const isSound = typeof rest.key === 'string' && typeof signature === 'string' && isSignedBy(rest.key, signature, sha)
  return { outcome: isSound ? 'signed' : 'signature wrong', seal }
}

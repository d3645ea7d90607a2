import { createHash } from 'node:crypto'
import canonicalize from 'canonicalize'

/** What a sealed record says of its seal. */
export interface Seal {
  /** SHA-256 of the record's canonical text without this field. */
  readonly sha256: string
  readonly sealedAt: string
  readonly jobVersion: number
  readonly catalogueVersion: string
  readonly entries: number
  /** The seal of the record before it, which this one stands for from now on; null for the first. */
  readonly previous: string | null
}

const digest = (record: object, seal: Omit<Seal, 'sha256'>): string =>
  createHash('sha256')
    // As RFC 8785 has it: the same text however the keys were put.
    .update(canonicalize({ ...record, seal })!)
    .digest('hex')

/** A record with its seal: whoever changes a letter of it breaks the seal. */
export const sealed = <Record extends object>(record: Record, seal: Omit<Seal, 'sha256'>): Record & { seal: Seal } => ({
  ...record,
  seal: { ...seal, sha256: digest(record, seal) },
})

/** Whether a record is as it was sealed; null where it carries no seal. */
export function isAsSealed(document: unknown): boolean | null {
  if (typeof document !== 'object' || document === null || !('seal' in document)) return null
  const { seal, ...record } = document as { seal: Seal }
  if (typeof seal?.sha256 !== 'string') return null
  const { sha256, ...rest } = seal
  return digest(record, rest) === sha256
}

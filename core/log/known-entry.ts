import type * as z from 'zod'
import { safeRead } from '../quantity/safe-read'
import type { Entry } from './entry'
import type { SubjectKey } from './kind'
import { kindOf, type entryKinds } from './kinds'

type KnownKind = (typeof entryKinds)[number]
export type KindId = KnownKind['meta']['id']
type KindWith<Id extends KindId> = Extract<KnownKind, { readonly meta: { readonly id: Id } }>
/** What is kept of an entry of a kind. */
export type BodyOf<Id extends KindId> = z.output<KindWith<Id>['body']>

type About<Subject extends SubjectKey | null> = Entry['subject'] &
  (Subject extends SubjectKey ? Readonly<Record<Subject, string>> : unknown)

/** An entry that is about what its kind is about, and says what its kind says: `kind` tells its body. */
export type EntryOf<Id extends KindId> = {
  readonly [Kind in Id]: Omit<Entry, 'kind' | 'subject' | 'body'> & {
    readonly kind: Kind
    readonly subject: About<KindWith<Kind>['meta']['subject']>
    readonly body: BodyOf<Kind>
  }
}[Id]
export type KnownEntry = EntryOf<KindId>

/** Whether an entry is of this kind, or of one of these. */
export const isOfKind =
  <Id extends KindId>(...kinds: readonly Id[]) =>
  (entry: KnownEntry): entry is Extract<KnownEntry, { readonly kind: Id }> =>
    (kinds as readonly KindId[]).includes(entry.kind)

/** Entries never change: each is read once. */
const read = new WeakMap<Entry, KnownEntry | null>()

/**
 * An entry as its kind has it; null of a kind that is not known here, and of a body that is none of its kind: those were
 * taken before bodies were checked, or written by a newer program, and stand for nothing.
 */
export function knownEntry(entry: Entry): KnownEntry | null {
  const before = read.get(entry)
  if (before !== undefined) return before
  const kind = kindOf(entry.kind)
  const isAbout = kind !== undefined && (kind.meta.subject === null || entry.subject[kind.meta.subject] !== undefined)
  const body = isAbout ? safeRead(kind.body, entry.body) : null
  const known = body?.success ? ({ ...entry, body: body.data } as KnownEntry) : null
  read.set(entry, known)
  return known
}

import type { Entry } from './entry'
import { knownEntry, type EntryOf, type KnownEntry } from './known-entry'
import { inServerTime } from './server-time'

/**
 * Entries in the order in which the server took them, each once and by the server's clock, with what its corrections make
 * of it: the newest holds, and one may say that the entry does not count. What cannot be read is left out.
 */
export function effectiveEntries(entries: readonly Entry[]): KnownEntry[] {
  const each = [...new Map(entries.map((entry) => [entry.id, entry])).values()]
  const once = each.flatMap((entry) => {
    const known = knownEntry(entry)
    return known ? [inServerTime(known)] : []
  })
  const corrections = new Map<string, EntryOf<'correction'>>()
  for (const entry of once) if (entry.kind === 'correction' && entry.replaces) corrections.set(entry.replaces, entry)
  /** What holds of an entry; a correction may itself be corrected. */
  const holds = <Of extends KnownEntry>(entry: Of, met = new Set<string>()): Of | null => {
    const by = corrections.get(entry.id)
    if (!by || met.has(by.id)) return entry
    const of = holds(by, met.add(by.id))
    // A correction that was withdrawn itself leaves the entry as it was.
    if (!of) return entry
    return 'withdrawn' in of.body ? null : withBody(entry, of.body.body)
  }
  return once.flatMap((entry) => {
    if (entry.kind === 'correction') return []
    const held = holds(entry)
    return held ? [held] : []
  })
}

/** An entry that says this instead; as it was where its kind says no such thing. */
const withBody = <Of extends KnownEntry>(entry: Of, body: Entry['body']): Of =>
  (knownEntry({ ...entry, body }) as Of | null) ?? entry

import { describe, expect, it } from 'vitest'
import type { Entry } from './entry'
import { isOfKind, knownEntry } from './known-entry'

const entry = (kind: string, more: Partial<Entry> = {}): Entry => ({
  id: `entry-of-${kind}`,
  kind,
  subject: {},
  at: '2026-05-04T10:00:00Z',
  by: 'I. Marl',
  jobVersion: 1,
  body: {},
  ...more,
})

describe('an entry as its kind has it', () => {
  it('holds what its kind holds, with what is left unsaid filled in', () => {
    const covered = knownEntry(entry('covered', { body: { where: 'stud wall' } }))
    expect(covered).toMatchObject({ kind: 'covered', body: { where: 'stud wall', joints: [] } })
    expect([isOfKind('covered', 'note')(covered!), isOfKind('note')(covered!)]).toEqual([true, false])
  })

  it('stands for nothing where its kind is not known, its subject is missing, or it says what no such entry says', () => {
    expect(knownEntry(entry('of-tomorrow'))).toBeNull()
    expect(knownEntry(entry('joint-made'))).toBeNull()
    expect(knownEntry(entry('joint-made', { subject: { joint: 'j' }, body: { turns: 'two' } }))).toBeNull()
    expect(knownEntry(entry('joint-made', { subject: { joint: 'j' }, body: { turns: 1 } }))).not.toBeNull()
  })

  it('is read once: the same answer comes to the same entry', () => {
    const note = entry('note', { body: { text: 'drained' } })
    expect(knownEntry(note)).toBe(knownEntry(note))
  })
})

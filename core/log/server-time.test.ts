import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { effectiveEntries } from './effective'
import type { Entry } from './entry'
import type { EntryOf } from './known-entry'
import { inServerTime } from './server-time'
import { secondsAt, timeAt } from './time-key'

const entry: EntryOf<'test-begun'> = {
  id: 'entry-0001',
  kind: 'test-begun',
  subject: { test: 't' },
  at: '2026-05-04T10:11:00Z',
  by: 'I. Marl',
  jobVersion: 1,
  body: { profile: 'en806-a', medium: 'water', raisedAt: '2026-05-04T10:10:30Z', design: 6 },
}

describe('times by the server’s clock', () => {
  it('a phone eleven minutes fast: its times are eleven minutes earlier, and all else stands', () => {
    expect(inServerTime({ ...entry, ahead: 660_000 })).toEqual({
      ...entry,
      ahead: 660_000,
      at: '2026-05-04T10:00:00.000Z',
      body: { ...entry.body, raisedAt: '2026-05-04T09:59:30.000Z' },
    })
    expect(inServerTime({ ...entry, ahead: -900_000 }).at).toBe('2026-05-04T10:26:00.000Z')
  })

  it('so is what a correction says instead, by the clock of who corrects', () => {
    const correction: EntryOf<'correction'> = {
      ...{ id: 'entry-0002', kind: 'correction', subject: {}, at: '2026-05-04T10:20:00Z', by: 'O. Fen', jobVersion: 1 },
      ...{ replaces: entry.id, why: 'readings from a file', ahead: 540_000 },
      body: { body: { ...entry.body } },
    }
    const [begun] = effectiveEntries([{ ...entry, ahead: 660_000 }, correction] as Entry[])
    // Ten and a half past ten by a clock nine minutes fast.
    expect(begun).toMatchObject({ at: '2026-05-04T10:00:00.000Z', body: { raisedAt: '2026-05-04T10:01:30.000Z' } })
    expect(inServerTime({ ...correction, body: { withdrawn: true } }).body).toEqual({ withdrawn: true })
  })

  it('what a line takes is no wrong clock; of what nobody told, the time stands as it is', () => {
    for (const ahead of [undefined, -29_999, 29_999]) {
      const kept = { ...entry, ...(ahead === undefined ? {} : { ahead }) }
      expect(inServerTime(kept)).toEqual(kept)
    }
    expect(inServerTime({ ...entry, ahead: 30_000 }).at).toBe('2026-05-04T10:10:30.000Z')
  })
})

describe('a time in UTC', () => {
  it('is what the calendar says of any second, and read back the same', () => {
    const [first, last] = [-62_135_596_800, 253_402_300_799]
    fc.assert(
      fc.property(fc.integer({ min: first * 1000, max: last * 1000 }), (ms) => {
        expect(timeAt(ms / 1000)).toBe(new Date(ms).toISOString())
        expect(Math.round(secondsAt(timeAt(ms / 1000)) * 1000)).toBe(ms)
      }),
    )
    expect(timeAt(1_709_251_200)).toBe('2024-03-01T00:00:00.000Z')
    expect(timeAt(951_782_400)).toBe('2000-02-29T00:00:00.000Z')
  })
})

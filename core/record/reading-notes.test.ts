import { describe, expect, it } from 'vitest'
import type { EntryOf } from '../log/known-entry'
import type { TestReading } from '../log/site-state'
import { speakerIn } from '../speech'
import { readingNotes } from './reading-notes'

const begun: EntryOf<'test-begun'> = {
  id: 'entry-0001',
  kind: 'test-begun',
  subject: { test: 't' },
  at: '2026-05-04T10:00:00Z',
  by: 'I. Marl',
  jobVersion: 1,
  body: { profile: 'en806-a', design: 6, medium: 'water' },
}
/** Six readings, three minutes apart, that came so many seconds apart. */
const readings = (apart: number | null, more: Partial<TestReading> = {}): TestReading[] =>
  [0, 1, 2, 3, 4, 5].map((of) => ({
    seconds: of * 180,
    bar: 6,
    at: `2026-05-04T10:${String(of * 3).padStart(2, '0')}:00Z`,
    ...(apart === null ? {} : { arrived: new Date(Date.UTC(2026, 4, 4, 10, 0, of * apart)).toISOString() }),
    ...more,
  }))
const said = (of: TestReading[], more: Partial<EntryOf<'test-begun'>> = {}) =>
  readingNotes({ begun: { ...begun, ...more }, readings: of }).map((note) => speakerIn('metric').tell(note))

describe('what is to be known of a test’s readings', () => {
  it('fifteen minutes of them that came within three seconds', () => {
    expect(said(readings(0.6))).toEqual([
      'readings span 15:00 and came within 0:03: from a file, or kept without a signal; their times are the phone’s',
    ])
  })

  it('nothing of those that came as they were taken, or whose coming nobody noted', () => {
    expect(said(readings(180))).toEqual([])
    expect(said(readings(91))).toEqual([])
    expect(said(readings(89))).toHaveLength(1)
    expect(said(readings(null))).toEqual([])
    expect(said([])).toEqual([])
  })

  it('that they come from a file, are simulated, or were written by a clock that was off', () => {
    expect(said(readings(0, { from: 'file' }))).toEqual(['readings come from a file'])
    expect(said(readings(180, { from: 'simulated' }))).toEqual(['readings are simulated'])
    expect(said(readings(180), { ahead: -900_000 })).toEqual([
      'the phone’s clock was 15:00 slow: times corrected by the server’s',
    ])
  })
})

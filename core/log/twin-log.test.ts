import { describe, expect, it } from 'vitest'
import type { Entry } from './entry'
import { twinLog } from './twin-log'

const entry = (id: string, kind: string, more: Partial<Entry> = {}): Entry => ({
  ...{ id, kind, subject: {}, at: '2026-05-04T10:00:00Z', by: 'R. Beck', jobVersion: 3, body: {} },
  ...more,
})

describe('the log of a copy', () => {
  it('has ids of its own, and what names another entry names its twin', () => {
    const all = [
      entry('made-one', 'joint-made', { subject: { joint: 'j1' } }),
      entry('seen-one', 'joint-inspected', { subject: { joint: 'j1' }, body: { of: 'made-one', sound: true } }),
      entry('test-one', 'test-begun', { subject: { test: 't' }, body: { made: ['made-one'] } }),
      entry('over-one', 'handed-over'),
      entry('mend-one', 'correction', { replaces: 'seen-one', why: 'wrong joint', body: { withdrawn: true } }),
    ]
    let count = 0
    const twins = twinLog(all, () => `twin-${(count += 1)}`)
    expect(twins.map(({ id, kind }) => [id, kind])).toEqual([
      ['twin-1', 'joint-made'],
      ['twin-2', 'joint-inspected'],
      ['twin-3', 'test-begun'],
      ['twin-4', 'correction'],
    ])
    expect(twins[1]!.body).toEqual({ of: 'twin-1', sound: true })
    expect(twins[2]!.body).toEqual({ made: ['twin-1'] })
    expect(twins[3]!.replaces).toBe('twin-2')
    // Joints and tests go by the job, which the copy shares.
    expect([twins[0]!.subject, twins[2]!.subject]).toEqual([{ joint: 'j1' }, { test: 't' }])
  })
})

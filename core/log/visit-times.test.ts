import { describe, expect, it } from 'vitest'
import type { Entry } from './entry'
import { visitTimes } from './visit-times'

const said = (id: number, body: object, more: Partial<Entry> = {}): Entry => ({
  id: `said-${id}-long`,
  kind: 'visit-times',
  subject: {},
  at: `2026-12-04T10:0${id}:00Z`,
  by: 'I. Marl',
  jobVersion: 1,
  body: { ...body },
  ...more,
})

describe('the times of visits', () => {
  it('hold as they were said last, each end by itself and each visit by itself', () => {
    const times = visitTimes([
      said(1, { visit: 'v-1', began: '08:40' }),
      said(2, { visit: 'v-2', began: '13:00' }),
      said(3, { visit: 'v-1', ended: '10:05' }),
      said(4, { visit: 'v-1', began: '08:30' }),
    ])
    expect([...times]).toEqual([
      ['v-1', { began: '08:30', ended: '10:05' }],
      ['v-2', { began: '13:00' }],
    ])
  })

  it('are taken back by null, and by a correction that withdraws what was said', () => {
    const entries = [
      said(1, { visit: 'v-1', began: '08:40', ended: '10:05' }),
      said(2, { visit: 'v-1', ended: null }),
      said(3, { visit: 'v-1', began: '09:00' }),
      said(4, { withdrawn: true }, { kind: 'correction', replaces: 'said-3-long', why: 'another job' }),
    ]
    expect(visitTimes(entries).get('v-1')).toEqual({ began: '08:40' })
  })

  it('go on from what was known before', () => {
    const before = new Map([['v-1', { began: '08:40' }]])
    expect(visitTimes([said(1, { visit: 'v-1', ended: '09:50' })], before).get('v-1')).toEqual({
      began: '08:40',
      ended: '09:50',
    })
  })

  it('leave out what is no time of day', () => {
    expect(visitTimes([said(1, { visit: 'v-1', began: '8.40' })]).size).toBe(0)
  })
})

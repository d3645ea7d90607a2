import { describe, expect, it } from 'vitest'
import { isZone } from '../job/zone'
import { formatMoment } from './format-moment'

describe('a moment by the clock of a place', () => {
  it('has that clock’s offset, summer and winter, on both sides of midnight', () => {
    expect(formatMoment('2026-05-04T10:30:00Z', 'Europe/London')).toBe('2026-05-04 11:30 +01:00')
    expect(formatMoment('2026-12-04T10:30:00Z', 'Europe/London')).toBe('2026-12-04 10:30 +00:00')
    expect(formatMoment('2026-05-04T01:05:09.123Z', 'America/Denver')).toBe('2026-05-03 19:05 -06:00')
    expect(formatMoment('2026-05-04T18:45:00Z', 'Asia/Kolkata')).toBe('2026-05-05 00:15 +05:30')
  })

  it('is in UTC where the clock is not known', () => {
    expect(formatMoment('2026-05-04T10:30:59Z')).toBe('2026-05-04 10:30 UTC')
  })

  it('clocks that nobody has are told apart', () => {
    expect(['Europe/London', 'UTC', 'Mars/Base', ''].map(isZone)).toEqual([true, true, false, false])
  })
})

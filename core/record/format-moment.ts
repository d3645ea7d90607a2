import { secondsAt } from '../log/time-key'

/**
 * A moment by the clock of a place, with how far that clock is from UTC; in UTC where the place’s clock is not known.
 *
 * @param at in UTC, as 2026-05-04T10:30:00Z
 * @param zone as the IANA’s table of time zones names it
 * @example formatMoment('2026-05-04T10:30:00Z', 'Europe/London') // '2026-05-04 11:30 +01:00'
 * @example formatMoment('2026-05-04T10:30:00Z') // '2026-05-04 10:30 UTC'
 */
export function formatMoment(at: string, zone?: string): string {
  if (zone === undefined) return `${at.slice(0, 10)} ${at.slice(11, 16)} UTC`
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    ...({ year: 'numeric', month: '2-digit', day: '2-digit', hour: '2-digit', minute: '2-digit' } as const),
    timeZoneName: 'longOffset',
  }).formatToParts(secondsAt(at) * 1000)
  const of = Object.fromEntries(parts.map(({ type, value }) => [type, value]))
  const offset = of.timeZoneName!.replace('GMT', '') || '+00:00'
  return `${of.year}-${of.month}-${of.day} ${of.hour}:${of.minute} ${offset}`
}

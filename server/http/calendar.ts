import ical from 'ical-generator'
import { minutesOfDay } from '~~/core/day/day'
import type { JobVisit } from '../database/visits'

/** A moment of a day as the calendar's package takes it, which is told that it is of no zone: the place's own time. */
const moment = (on: string, minutes: number): Date => new Date(Date.parse(`${on}T00:00:00Z`) + minutes * 60_000)

/** Visits as an iCalendar file, in the place's own time; one without a time agreed takes the whole day. */
export function calendarOf(visits: readonly JobVisit[]): string {
  const calendar = ical({ name: 'Jolvet', prodId: { company: 'Jolvet', product: 'Jolvet' } })
  for (const { job, title, address, visit } of visits) {
    const { id, on, at, what, minutes } = visit
    const start = moment(on, at === undefined ? 0 : minutesOfDay(at))
    calendar.createEvent({
      // Of its job too: the file of a job may be opened twice.
      id: `${id}.${job}@jolvet`,
      summary: what ? `${title}: ${what}` : title,
      location: address,
      start,
      // How long it takes is said only where somebody said so.
      end: at !== undefined && minutes !== undefined ? new Date(start.getTime() + minutes * 60_000) : undefined,
      allDay: at === undefined,
      floating: true,
    })
  }
  return calendar.toString()
}

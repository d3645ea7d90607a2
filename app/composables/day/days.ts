import { formatDate } from '@vueuse/core'

/** A day as it is written down and asked for: 2026-12-01. */
export const dayText = (date: Date): string => formatDate(date, 'YYYY-MM-DD')
/** Noon, so that no change of clocks makes it another day. */
export const noonOf = (day: string): Date => new Date(`${day}T12:00:00`)
export const daysAfter = (day: string, days: number): string =>
  dayText(new Date(noonOf(day).getTime() + days * 86_400_000))

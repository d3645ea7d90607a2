import * as z from 'zod'
import { methodIds } from '../methods/ids'

const day = z.iso.date({ error: 'a date as 2026-05-04' })

/** A press or gauge tool of the workshop: when it was last checked, and how often that is due. */
export const checkedToolSchema = z.object({
  name: z.string().trim().min(1, 'a name of 1 to 60 characters').max(60, 'a name of 1 to 60 characters'),
  methods: z.array(z.enum(methodIds)).min(1, 'at least one method').max(methodIds.length),
  checked: day,
  everyMonths: z.number().int().min(1, '1 to 120 months').max(120, '1 to 120 months'),
})
export type CheckedTool = z.output<typeof checkedToolSchema>

const isLeap = (year: number): boolean => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0
const daysIn = (year: number, month: number): number =>
  month === 2 ? (isLeap(year) ? 29 : 28) : [4, 6, 9, 11].includes(month) ? 30 : 31

/**
 * The day on which a tool's next check is due: so many months after the last, at the latest the month's last day.
 *
 * @example nextCheck({ checked: '2026-08-31', everyMonths: 6 }) // '2027-02-28'
 */
export function nextCheck({ checked, everyMonths }: Pick<CheckedTool, 'checked' | 'everyMonths'>): string {
  const [year, month, date] = checked.split('-').map(Number) as [number, number, number]
  const months = year * 12 + (month - 1) + everyMonths
  const [dueYear, dueMonth] = [Math.floor(months / 12), (months % 12) + 1]
  const two = (value: number) => String(value).padStart(2, '0')
  return `${dueYear}-${two(dueMonth)}-${two(Math.min(date, daysIn(dueYear, dueMonth)))}`
}

/**
 * Whether a joint was made after the day on which its tool's check was due.
 *
 * @param due a day as 2026-05-04; nothing where the tool has no checks
 * @param at when it was made, in UTC
 * @example isOverdue('2026-05-04', '2026-05-05T08:00:00Z') // true
 */
export const isOverdue = (due: unknown, at: string): boolean => typeof due === 'string' && at.slice(0, 10) > due

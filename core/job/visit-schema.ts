import * as z from 'zod'

const dayText = 'a day as year-month-day: 2026-12-04'
const timeText = 'a time of day as hours:minutes: 08:30'
const minutesText = 'minutes from 1 to 1440'

/** Whether the calendar has this day: a month of thirty days has no thirty-first. */
function isDay(text: string): boolean {
  const [year, month, day] = text.split('-').map(Number) as [number, number, number]
  const isLeap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0)
  const days = [31, isLeap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31]
  return month >= 1 && month <= 12 && day >= 1 && day <= days[month - 1]!
}

/** A time of day by the clock of the place. */
export const timeOfDaySchema = z.string({ error: timeText }).regex(/^([01]\d|2[0-3]):[0-5]\d$/, timeText)

/** A day on which somebody comes to the job. */
export const visitSchema = z.object({
  id: z.string().min(1).max(130),
  on: z
    .string({ error: dayText })
    .regex(/^\d{4}-\d{2}-\d{2}$/, dayText)
    .refine(isDay, { error: dayText }),
  at: timeOfDaySchema.optional().meta({ description: 'the time that was agreed' }),
  what: z.string().max(80).optional().meta({ description: 'rough-in, second fix' }),
  minutes: z
    .number({ error: minutesText })
    .int(minutesText)
    .min(1, minutesText)
    .max(1440, minutesText)
    .optional()
    .meta({ description: 'how long it takes; left out, as long as the plan of work' }),
  runs: z
    .array(z.string().min(1).max(130))
    .max(100)
    .optional()
    .meta({ description: 'the runs that are made then; left out, what no other visit names' }),
})
export type Visit = z.output<typeof visitSchema>

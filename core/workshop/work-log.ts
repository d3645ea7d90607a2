import * as z from 'zod'

const minutesText = 'minutes: a number from 0 to 600, or null to take it back'

/** What a joint of a job really took, as it was entered on site; null takes an entry back. */
export const jointTimeSchema = z.object({
  joint: z.string().min(1, 'a joint’s id').max(200, 'a joint’s id'),
  minutes: z.number({ error: minutesText }).min(0, minutesText).max(600, minutesText).nullable(),
})
export type JointTime = z.output<typeof jointTimeSchema>

export const jointTimesSchema = z.object({ took: z.array(jointTimeSchema).min(1).max(500) })

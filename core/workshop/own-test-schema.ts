import * as z from 'zod'
import { testDeeds } from './test-deeds'

const seconds = z.number().int().min(0, '0 to 86400 seconds').max(86_400, '0 to 86400 seconds')
const share = z.number().positive().max(3, 'more than 0, at most 3 times the design pressure')
const bar = z.number().positive().max(100, 'bar, more than 0 and at most 100')

/** A test under pressure of one's own: its steps, and by how much the gauge may fall from when to when. */
export const ownTestSchema = z.object({
  name: z.string().trim().min(1, 'a name of 1 to 60 characters').max(60, 'a name of 1 to 60 characters'),
  medium: z.enum(['water', 'air']),
  steps: z
    .array(
      z
        .object({
          does: z.enum(testDeeds),
          seconds,
          share: share.optional().meta({ description: 'times the design pressure' }),
          least: bar.optional().meta({ description: 'bar below which a share never goes' }),
          bar: bar.optional(),
        })
        .refine((of) => (of.share === undefined) !== (of.bar === undefined), {
          path: ['share'],
          message: 'either a share of the design pressure, or bar',
        }),
    )
    .min(1, '1 to 12 steps')
    .max(12, '1 to 12 steps'),
  falls: z
    .array(
      z
        .object({
          from: seconds,
          to: seconds,
          most: z.number().min(0, '0 to 10 bar').max(10, '0 to 10 bar').meta({ description: 'bar' }),
        })
        .refine(({ from, to }) => to > from, { path: ['to'], message: 'later than `from`' }),
    )
    .max(6, 'at most 6'),
})
export type OwnTest = z.output<typeof ownTestSchema>

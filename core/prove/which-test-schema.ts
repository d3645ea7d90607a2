import * as z from 'zod'
import { ownTestSchema } from '../workshop/own-test-schema'
import { testProfileIds } from './profiles'

/** The gauge that a test is read from. */
export const gaugeSchema = z.object({
  division: z
    .number()
    .positive('bar, more than 0 and at most 1')
    .max(1, 'bar, more than 0 and at most 1')
    .optional()
    .meta({ description: 'from one line of its dial to the next, or its last digit, in bar' }),
  above: z
    .number()
    .min(-200_000, 'mm, -200 000 to 200 000')
    .max(200_000, 'mm, -200 000 to 200 000')
    .optional()
    .meta({ description: 'mm that it stands above the lowest pipe under test; less than 0 below it' }),
  name: z.string().trim().max(60).optional().meta({ description: 'which gauge it is' }),
  checkedOn: z.iso.date().optional().meta({ description: 'when it was last checked against another' }),
})

/** The fields of a test that say which it is, for the schemas of those who are told of one. */
export const whichTestFields = {
  profile: z.enum([...testProfileIds, 'own']),
  own: ownTestSchema.optional().meta({ description: 'the test of one’s own, where `profile` says so' }),
}

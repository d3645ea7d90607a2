import * as z from 'zod'
import { ownTestSchema } from '../workshop/own-test-schema'
import { testProfileIds } from './profiles'

/** The fields of a test that say which it is, for the schemas of those who are told of one. */
export const whichTestFields = {
  profile: z.enum([...testProfileIds, 'own']),
  own: ownTestSchema.optional().meta({ description: 'the test of one’s own, where `profile` says so' }),
}

import * as z from 'zod'
import { profileIds } from './profile-ids'
import { changedSettingsSchema } from './setting-schema'

/** A profile of one's own: a shipped one under another name, with some settings changed. */
export const ownProfileSchema = z.object({
  name: z.string().trim().min(1, 'a name of 1 to 60 characters').max(60, 'a name of 1 to 60 characters'),
  base: z.enum(profileIds),
  changes: changedSettingsSchema,
})
export type OwnProfile = z.output<typeof ownProfileSchema>

/** The profiles that ship. */
export const profileIds = ['metric', 'us-a', 'us-b'] as const
export type ProfileId = (typeof profileIds)[number]

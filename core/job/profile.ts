import type { SpacingProfile } from '../catalogue/tables/supports'

export const profileIds = ['metric', 'us-a', 'us-b'] as const
export type ProfileId = (typeof profileIds)[number]

/** The settings in which local codes and habits differ. A local code and the maker's sheet overrule them. */
export interface Profile {
  readonly id: ProfileId
  readonly name: string
  readonly spacing: SpacingProfile
  /** What push-fit and compression get where they cannot be reached again. */
  readonly concealedDemountable: 'fits' | 'caution' | 'refuse'
  /** Minutes to watch for fire after hot work. */
  readonly fireWatch: number
  /** Greatest ovality that needs no re-rounding, in per cent of the diameter. */
  readonly ovality: number
  /** Least distance of plastic from a water heater, in mm. */
  readonly heaterClearance: number
  /** Distance from a soldered fitting's mouth to the first clip, and from any other, in mm. */
  readonly clipFromSolder: number
  readonly clipFromJoint: number
}

const common = {
  concealedDemountable: 'caution',
  fireWatch: 60,
  ovality: 1.5,
  heaterClearance: 450,
  clipFromSolder: 100,
  clipFromJoint: 50,
} as const

/** The profiles that ship. */
export const profiles: Readonly<Record<ProfileId, Profile>> = {
  metric: { id: 'metric', name: 'Metric', spacing: 'metric', ...common },
  'us-a': { id: 'us-a', name: 'US, model code A', spacing: 'us-a', ...common, heaterClearance: 457 },
  'us-b': { id: 'us-b', name: 'US, model code B', spacing: 'us-b', ...common, heaterClearance: 457 },
}

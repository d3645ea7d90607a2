import { speedIn } from '../quantity/words/format-water'
import { inch, type Units } from '../quantity/units'
import type { ProfileId } from './profile-ids'
import type { OwnProfile } from './profile-schema'
import { settingIds, type SettingId, type Settings } from './setting'

export type { ProfileId } from './profile-ids'
export type { OwnProfile } from './profile-schema'

/** The settings in which local codes and habits differ. A local code and the maker's sheet overrule them. */
export interface Profile extends Settings {
  readonly id: ProfileId
  readonly name: string
}

const common = {
  guardDistance: 32,
  benchLength: 2000,
  leastEngagement: 80,
  concealedDemountable: 'caution',
  shutMinutes: 3,
  drainMinutes: 10,
  cutMinutes: 4,
  refillMinutes: 5,
  purgeMinutes: 5,
  lookMinutes: 5,
  solderCools: 5,
  fusionTest: 60,
  fusionFull: 1440,
  fireWatch: 60,
  workDay: 420,
  freeLegCopper: 61,
  freeLegSteel: 60,
  freeLegMultilayer: 33,
  freeLegPvc: 34,
  freeLegPe: 26,
  freeLegPpr: 25,
  freeLegPex: 12,
  freeLegPb: 10,
  ovality: 1.5,
  heaterClearance: 450,
  heatSourceClearance: 1000,
  heatNearTo28: 450,
  heatNearAbove28: 450,
  clipFromSolder: 100,
  clipFromJoint: 50,
  missingTool: 'caution',
  dielectric: 'brass',
  coldVelocity: 2.4,
  hotVelocity: 1.5,
  thinCopper: 'fits',
  // Once or twice dry; five or six times with the seal lubricated.
  pushFitUses: 5,
  oliveSmear: 'none',
  flushTimes: 3,
  disinfect: 'not asked',
  outletFlow: 'not asked',
  hotWater: 'not asked',
  heatingWarm: 'not asked',
} as const
/** In the whole inches and feet that are said there. */
const american = {
  ...common,
  guardDistance: 1.25 * inch,
  benchLength: 78 * inch,
  heaterClearance: 18 * inch,
  heatSourceClearance: 40 * inch,
  heatNearTo28: 18 * inch,
  heatNearAbove28: 18 * inch,
  clipFromSolder: 4 * inch,
  clipFromJoint: 2 * inch,
  coldVelocity: speedIn(8),
  hotVelocity: speedIn(5),
} as const

/** The profiles that ship. */
export const profiles: Readonly<Record<ProfileId, Profile>> = {
  metric: { id: 'metric', name: 'Metric', spacing: 'metric', ...common },
  'us-a': { id: 'us-a', name: 'International Plumbing Code (2021)', spacing: 'us-a', ...american },
  'us-b': {
    id: 'us-b',
    name: 'Uniform Plumbing Code (2021)',
    spacing: 'us-b',
    ...american,
    dielectric: 'dielectric union',
  },
}

/**
 * Whose rules hold where nobody said: those of where the units are used.
 *
 * @example usualProfile('imperial') // 'us-a'
 */
export const usualProfile = (units: Units): ProfileId => (units === 'metric' ? 'metric' : 'us-a')

/**
 * The profile that holds: a shipped one, with the changes laid over it.
 *
 * @example profileWith('metric', { fireWatch: 120 }).fireWatch // 120
 */
export function profileWith(base: ProfileId, changes: Partial<Settings> | undefined): Profile {
  return changes ? { ...profiles[base], ...changes } : profiles[base]
}

/** The settings in which a profile of one's own says something else than the shipped one. */
export function changedSettings({ base, changes }: Pick<OwnProfile, 'base' | 'changes'>): SettingId[] {
  return settingIds.filter((id) => changes[id] !== undefined && changes[id] !== profiles[base][id])
}

/** Pipe of more than 28 mm takes a larger flame. */
const large = 28.5

/**
 * How far a flame at a pipe stays from plastic, seals and pressed joints, in mm.
 *
 * @example flameDistance(profiles.metric, 22) // 450
 */
export const flameDistance = (
  { heatNearTo28, heatNearAbove28 }: Pick<Profile, 'heatNearTo28' | 'heatNearAbove28'>,
  od: number,
): number => (od > large ? heatNearAbove28 : heatNearTo28)

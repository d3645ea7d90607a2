import type { TestProfile } from '../profile'
import { en806a } from './en806-a'
import { en806b } from './en806-b'
import { en806c } from './en806-c'
import { lowPressure } from './low-pressure'
import { modelCodeAir, modelCodeWater } from './model-code'

/** The tests under pressure that ship, in the order in which they are told. */
export const testProfiles: readonly TestProfile[] = [lowPressure, en806a, en806b, en806c, modelCodeWater, modelCodeAir]

export const testProfileIds = [
  'low-pressure',
  'en806-a',
  'en806-b',
  'en806-c',
  'model-code-water',
  'model-code-air',
] as const
export type TestProfileId = (typeof testProfileIds)[number]

/** A profile by its id. */
export const testProfileOf = (id: TestProfileId): TestProfile => testProfiles.find(({ meta }) => meta.id === id)!

import type { OwnTest } from '../../workshop/own-test-schema'
import { ownProfile } from '../own-profile'
import type { TestProfile } from '../profile'
import { en806a } from './en806-a'
import { en806b } from './en806-b'
import { en806c } from './en806-c'
import { heating } from './heating'
import { housePressure } from './house-pressure'
import { lowPressure } from './low-pressure'
import { modelCodeAir, modelCodeWater } from './model-code'
import { modelCodeHeating } from './model-code-heating'

/** The tests under pressure that ship, in the order in which they are told. */
export const testProfiles: readonly TestProfile[] = [
  lowPressure,
  housePressure,
  en806a,
  en806b,
  en806c,
  heating,
  modelCodeWater,
  modelCodeAir,
  modelCodeHeating,
]

export const testProfileIds = [
  'low-pressure',
  'house-pressure',
  'en806-a',
  'en806-b',
  'en806-c',
  'heating',
  'model-code-water',
  'model-code-air',
  'model-code-heating',
] as const
export type TestProfileId = (typeof testProfileIds)[number]

/** Which test it is: one that ships, or one of one's own, which is told whole. */
export interface WhichTest {
  readonly profile: TestProfileId | 'own'
  readonly own?: OwnTest | undefined
}

/** The profile of a test. @throws RangeError when one of one's own is not told */
export function testProfileOf({ profile, own }: WhichTest): TestProfile {
  if (profile !== 'own') return testProfiles.find(({ meta }) => meta.id === profile)!
  if (!own) throw new RangeError('own: the steps and falls of a test of one’s own')
  return ownProfile(own)
}

/** A test of one's own is told whole. */
export const isToldWhole = ({ profile, own }: WhichTest): boolean => profile !== 'own' || own !== undefined
export const toldWhole = { path: ['own'], message: 'the steps and falls of the test of one’s own' }

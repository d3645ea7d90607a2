import { spacingProfiles } from '../catalogue/tables/supports'

/** A figure or a choice in which local codes and habits differ. */
export type Setting =
  | {
      readonly kind: 'number'
      readonly label: string
      readonly unit: 'mm' | 'min' | '%' | 'm/s' | 'uses' | 'times' | 'C'
      readonly least: number
      readonly most: number
    }
  | { readonly kind: 'choice'; readonly label: string; readonly values: readonly string[] }

const number = (label: string, unit: (Setting & { kind: 'number' })['unit'], least: number, most: number) =>
  ({ kind: 'number', label, unit, least, most }) as const
const choice = <const Value extends string>(label: string, values: readonly Value[]) =>
  ({ kind: 'choice', label, values }) as const
const asked = ['not asked', 'asked'] as const
const verdicts = ['fits', 'caution', 'refuse'] as const

/** Every setting of a profile, with what it accepts; forms, checks and the rules page are made from this. */
export const settings = {
  spacing: choice('Table of clip distances', spacingProfiles),
  clipFromSolder: number('First clip from a soldered fitting', 'mm', 0, 1000),
  clipFromJoint: number('First clip from any other fitting', 'mm', 0, 1000),
  guardDistance: number('Guard plate when a hole is nearer the face of a stud than', 'mm', 0, 200),
  benchLength: number('Longest assembly made on the bench', 'mm', 300, 10_000),
  leastEngagement: number('Least part of its depth that a joint needs', '%', 50, 100),
  concealedDemountable: choice('Push-fit and compression, closed in', verdicts),
  shutMinutes: number('Shut the water off', 'min', 0, 240),
  drainMinutes: number('Drain the line', 'min', 0, 480),
  cutMinutes: number('Cut into the line, each place', 'min', 0, 120),
  refillMinutes: number('Refill', 'min', 0, 480),
  purgeMinutes: number('Purge the air', 'min', 0, 240),
  lookMinutes: number('Inspect every joint', 'min', 0, 240),
  solderCools: number('Cooling of a soldered joint before cold work beside it', 'min', 0, 120),
  fusionTest: number('Wait after fusion before a test', 'min', 0, 1440),
  fusionFull: number('Wait after fusion before full pressure', 'min', 0, 10_080),
  fireWatch: number('Fire watch after hot work', 'min', 0, 480),
  workDay: number('Working day', 'min', 60, 1440),
  heatNearTo28: number('Flame from plastic, seals and pressed joints, pipe to 28 or 1 inch', 'mm', 0, 3000),
  heatNearAbove28: number('Flame from plastic, seals and pressed joints, larger pipe', 'mm', 0, 3000),
  heaterClearance: number('Plastic from a water heater', 'mm', 0, 3000),
  heatSourceClearance: number('Plastic from an uncontrolled heat source', 'mm', 0, 5000),
  freeLegCopper: number('Expansion leg, copper: C in C √(OD dL)', 'C', 5, 200),
  freeLegSteel: number('Expansion leg, steel', 'C', 5, 200),
  freeLegMultilayer: number('Expansion leg, multilayer', 'C', 5, 200),
  freeLegPvc: number('Expansion leg, PVC-U and CPVC', 'C', 5, 200),
  freeLegPe: number('Expansion leg, PE', 'C', 5, 200),
  freeLegPpr: number('Expansion leg, PP-R', 'C', 5, 200),
  freeLegPex: number('Expansion leg, PEX', 'C', 5, 200),
  freeLegPb: number('Expansion leg, polybutylene', 'C', 5, 200),
  ovality: number('Most ovality without re-rounding', '%', 0, 10),
  missingTool: choice('Tool not owned', ['caution', 'refuse']),
  dielectric: choice('Between copper and steel', ['brass', 'dielectric union']),
  coldVelocity: number('Fastest cold water in copper', 'm/s', 0.1, 10),
  hotVelocity: number('Fastest hot water in copper', 'm/s', 0.1, 10),
  thinCopper: choice('Copper grade M on drinking water', verdicts),
  pushFitUses: number('Uses of a push-fit fitting, seal lubricated each time', 'uses', 1, 20),
  oliveSmear: choice('Paste on an olive', ['none', 'a smear']),
  flushTimes: number('Flush each outlet with its content', 'times', 1, 20),
  disinfect: choice('Disinfect drinking water', asked),
  outletFlow: choice('Pressure and flow at each outlet', asked),
  hotWater: choice('Degrees and seconds of hot water at each outlet', asked),
  heatingWarm: choice('Heating: fill pressure, vented, balanced, inspected warm', asked),
} as const satisfies Readonly<Record<string, Setting>>

export type SettingId = keyof typeof settings
export const settingIds = Object.keys(settings) as SettingId[]

/** A value for every setting. */
export type Settings = {
  readonly [Id in SettingId]: (typeof settings)[Id] extends { readonly values: readonly (infer Value)[] }
    ? Value
    : number
}

/** What a setting accepts, in words. */
export function accepted(setting: Setting): string {
  return setting.kind === 'number'
    ? `a number from ${setting.least} to ${setting.most}${setting.unit === 'uses' || setting.unit === 'C' ? '' : ` ${setting.unit}`}`
    : `one of: ${setting.values.join(', ')}`
}

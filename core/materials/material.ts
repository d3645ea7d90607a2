import type { MaterialKey } from './ids'

/** With what a pipe is bent. */
export const bendingMethods = ['hand', 'spring or support', 'bender'] as const
export type BendingMethod = (typeof bendingMethods)[number]

/** Lines of the tables of greatest distances between clips. */
export type SupportGroup =
  'copper' | 'pex, pb' | 'pex' | 'multilayer' | 'pe' | 'galvanised-steel' | 'pp-r' | 'cpvc' | 'pvc-u'

/** The settings of a profile that hold C in C √(OD dL). */
export type FreeLegSetting =
  | 'freeLegCopper'
  | 'freeLegSteel'
  | 'freeLegMultilayer'
  | 'freeLegPvc'
  | 'freeLegPe'
  | 'freeLegPpr'
  | 'freeLegPex'
  | 'freeLegPb'

/**
 * How a pipe of a material is bent. As copper: by temper, in a bender to the largest that goes in by hand. To so many
 * outside diameters, by what it is bent with. Not at all. Missing: no figure is known.
 */
export type Bending = 'as copper' | 'not bent' | Readonly<Partial<Record<BendingMethod, number>>>

/** What a pipe's material is like: all that is particular to it but what is seen of it and the table of methods. */
export interface Material {
  readonly id: MaterialKey
  readonly name: string
  readonly isPlastic: boolean
  /** Which of the drawing's colours it has. */
  readonly colour: 'copper' | 'plastic' | 'steel'

  /** Linear expansion in mm per metre and kelvin. */
  readonly expansion: number
  /** Young's modulus in GPa: of the wall as pressure stretches it, and of the pipe as it is bent. */
  readonly modulus: { readonly wall: number; readonly beam: number }
  /** Highest temperature in continuous service, in °C. */
  readonly maxContinuous: number
  /** Of the wall, in kg/m³: standard tables for metals, typical for plastics. */
  readonly density: number
  /**
   * What its wall bears cold in lasting service: a hoop stress in N/mm², or a pressure in bar where its layers bear it
   * together; null where what joins it gives way first. Typical.
   */
  readonly bears: { readonly stress: number } | { readonly bar: number } | null
  /** Of the bore's wall, in mm: typical. */
  readonly roughness: number

  /** How far it springs back from: a stress in N/mm² that it comes back from, or how tightly coiled pipe goes by hand, in outside diameters; typical. */
  readonly springs: { readonly stress: number } | { readonly handRadius: number }
  readonly bending: Bending
  readonly supports: readonly SupportGroup[]
  /** Only the metric table speaks for it by another material's rows. */
  readonly supportsByMetricOnly: boolean
  readonly freeLeg: FreeLegSetting

  /** It comes in coils. */
  readonly isCoiled: boolean
  /** Its stock lengths are those of threaded steel. */
  readonly longStock: boolean
  /** Soft enough to be pushed back through a finished wall. */
  readonly isFlexible: boolean
  /** A plastic that goes on stretching under pressure. */
  readonly stretches: boolean
  /** It needs no insert where it is gripped from outside by push-fit. */
  readonly standsAlone: boolean
  /** Joints leave its whole bore. */
  readonly boreStaysFree: boolean
  /** What it is cemented with; null where nothing cements it. */
  readonly cement: string | null

  readonly coldOnly: boolean
  readonly spoiltByLight: boolean
  /** Oxygen passes through its wall. */
  readonly letsOxygenThrough: boolean
  /** It is sold with a barrier against that, which its print tells of. */
  readonly mayHaveBarrier: boolean
  /** Fast water wears its wall. */
  readonly wornByFastWater: boolean
  /** What touches what: copper eats steel; zinc is pitted by copper upstream. */
  readonly galvanic: 'copper' | 'zinc' | 'steel' | null
  /** House grades of it corrode bare in soil. */
  readonly corrodesInSoil: boolean
  /** Sealed heating alone: never drinking water. */
  readonly heatingOnly: boolean
  /** Replaced, never extended. */
  readonly isReplaced: boolean
}

/** What holds of most plastics. */
export const plastic = {
  isPlastic: true,
  colour: 'plastic',
  roughness: 0.0015,
  supportsByMetricOnly: false,
  longStock: false,
  isCoiled: false,
  isFlexible: false,
  stretches: true,
  standsAlone: false,
  boreStaysFree: false,
  cement: null,
  coldOnly: false,
  spoiltByLight: false,
  letsOxygenThrough: true,
  mayHaveBarrier: false,
  wornByFastWater: false,
  galvanic: null,
  corrodesInSoil: false,
  heatingOnly: false,
  isReplaced: false,
} as const satisfies Partial<Material>

/** What holds of most metals. */
export const metal = {
  ...plastic,
  isPlastic: false,
  colour: 'steel',
  roughness: 0.01,
  stretches: false,
  boreStaysFree: true,
  letsOxygenThrough: false,
  bears: null,
} as const satisfies Partial<Material>

/** Coiled plastic that springs back: what holds of PEX of every kind, and of its like. */
export const coiled = {
  ...plastic,
  springs: { handRadius: 8 },
  bending: { hand: 8, 'spring or support': 5, bender: 5 },
  isCoiled: true,
  isFlexible: true,
} as const satisfies Partial<Material>

import { inch, type Units } from '../../quantity/units'

export const fixtureIds = [
  'basin',
  'sink',
  'toilet',
  'bath-taps',
  'bath-mixer',
  'shower-mixer',
  'mixing-valve',
  'tub-and-shower',
  'shower-arm',
  'tub-spout',
  'washing-machine',
  'outdoor-tap',
  'frost-proof-tap',
  'water-heater',
  'water-heater-28',
  'radiator',
  'manifold',
  'meter',
] as const
export type FixtureId = (typeof fixtureIds)[number]

/** What flows at an end, as the job's services say it. */
export const fixtureWaters = ['cold', 'hot', 'heating-flow', 'heating-return', 'relief'] as const
export type FixtureWater = (typeof fixtureWaters)[number]

/** Where an end stands from the fixture's middle, seen by who faces it, and what flows there. */
export interface FixtureEndPlace {
  readonly id: string
  readonly name: string
  readonly water: FixtureWater
  /** mm to the right, and up. */
  readonly across: number
  readonly up: number
}
interface Thread {
  readonly size: '1/2' | '3/4'
  /** A tail that goes into a female, or a female that takes a tail. */
  readonly sex: 'M' | 'F'
  /** A taper seals on its thread, a parallel one on a washer. */
  readonly form: 'taper' | 'parallel'
}
/** Copper of this size goes straight into the end, under a compression nut of its own. */
interface Nut {
  readonly takes: '22' | '28'
}
/** An end that pipe leads to. */
export type FixtureEndRow = FixtureEndPlace & (Thread | Nut)

export interface FixtureForm {
  /** mm over the finished floor, or over the ground outdoors; null where it follows from what is there. */
  readonly height: number | null
  readonly ends: readonly FixtureEndRow[]
}

export interface FixtureRow {
  readonly name: string
  /** What pipe ends in for it, where that is no plain fitting in line: one fixed to the wall, a valve of its own. */
  readonly outlet?: 'on the wall' | 'radiator valve'
  /** It has a limit of its own: before a test it is shut off. */
  readonly isShutOff?: true
  /** It heats water: with it go a safety valve and a vessel. */
  readonly heatsWater?: true
  /** Water goes on through it: nothing is drawn or flushed there. */
  readonly goesOn?: true
  /** And is one water with it, from each of its ends to each other: what leads to it is fed, drained and tested as one. */
  readonly isOneWater?: true
  /** How it is put up, by region; missing where it is not usual. */
  readonly by: Readonly<Partial<Record<Units, FixtureForm>>>
}

const tail = (size: '1/2' | '3/4'): Thread => ({ size, sex: 'M', form: 'parallel' })
const taper = (size: '1/2' | '3/4'): Thread => ({ size, sex: 'M', form: 'taper' })
const female = (size: '1/2' | '3/4'): Thread => ({ size, sex: 'F', form: 'taper' })
const nut = (size: '1/2' | '3/4'): Thread => ({ size, sex: 'F', form: 'parallel' })

/** Hot on the left and cold on the right, so far apart, at one height. */
const pair = (apart: number, end: Thread | Nut): readonly FixtureEndRow[] => [
  { id: 'hot', name: 'hot', water: 'hot', ...end, across: -apart / 2, up: 0 },
  { id: 'cold', name: 'cold', water: 'cold', ...end, across: apart / 2, up: 0 },
]
const cold = (thread: Thread, across = 0): readonly FixtureEndRow[] => [
  { id: 'cold', name: 'cold', water: 'cold', ...thread, across, up: 0 },
]

/** The outlet of a water heater's relief valve, on its side near the top. */
const reliefAt = (across: number, end: Thread | Nut): FixtureEndRow => ({
  ...{ id: 'relief', name: 'relief valve', water: 'relief', ...end },
  ...{ across, up: -150 },
})

/** A valve in the wall: hot and cold beside its middle, what it feeds over and under it. */
const inWall = (port: number, below: boolean): readonly FixtureEndRow[] => [
  ...pair(2 * port, female('1/2')),
  { id: 'shower', name: 'shower', water: 'hot', ...female('1/2'), across: 0, up: port },
  ...(below ? [{ id: 'spout', name: 'spout', water: 'hot', ...female('1/2'), across: 0, up: -port } as const] : []),
]

/** Flow and return of a radiator of 600 mm, a valve at either end: 600 + 2 × 45 apart; measured, they are typed over. */
const radiator: FixtureForm = {
  height: 110,
  ends: [
    { id: 'flow', name: 'flow', water: 'heating-flow', ...female('1/2'), across: -345, up: 0 },
    { id: 'return', name: 'return', water: 'heating-return', ...female('1/2'), across: 345, up: 0 },
  ],
}

/** A bar with its inlet at the left end and outlets along it; one is bought by as many outlets as are led from. */
const manifold = (apart: number): FixtureForm => ({
  height: null,
  ends: [
    { id: 'in', name: 'inlet', water: 'cold', ...female('3/4'), across: -apart, up: 0 },
    ...Array.from({ length: 12 }, (_, at) => ({
      ...{ id: `out-${at + 1}`, name: `outlet ${at + 1}`, water: 'cold' as const, ...female('1/2') },
      ...{ across: at * apart, up: 0 },
    })),
  ],
})

const heater = { goesOn: true, isShutOff: true, heatsWater: true } as const

/**
 * Things that pipe leads to: their ends, where these stand and how high. Typical settings: the fixture's own sheet and
 * local code overrule.
 */
export const fixtureRows: Readonly<Record<FixtureId, FixtureRow>> = {
  basin: {
    name: 'wash basin',
    by: {
      metric: { height: 550, ends: pair(150, tail('1/2')) },
      imperial: { height: 21 * inch, ends: pair(8 * inch, tail('1/2')) },
    },
  },
  sink: {
    name: 'kitchen sink',
    by: {
      metric: { height: 450, ends: pair(150, tail('1/2')) },
      imperial: { height: 19 * inch, ends: pair(8 * inch, tail('1/2')) },
    },
  },
  toilet: {
    name: 'toilet',
    by: {
      metric: { height: 200, ends: cold(tail('1/2'), -150) },
      imperial: { height: 8 * inch, ends: cold(tail('1/2'), -6 * inch) },
    },
  },
  'bath-taps': { name: 'bath taps', by: { metric: { height: 560, ends: pair(180, tail('3/4')) } } },
  'bath-mixer': { name: 'bath mixer on the wall', outlet: 'on the wall', by: { metric: { height: null, ends: pair(150, taper('1/2')) } } },
  'shower-mixer': { name: 'shower mixer on the wall', outlet: 'on the wall', by: { metric: { height: 1100, ends: pair(150, taper('1/2')) } } },
  'mixing-valve': {
    name: 'shower valve in the wall',
    by: {
      metric: { height: 1100, ends: inWall(45, false) },
      imperial: { height: 48 * inch, ends: inWall(2 * inch, false) },
    },
  },
  'tub-and-shower': {
    name: 'tub and shower valve',
    by: { imperial: { height: 28 * inch, ends: inWall(2 * inch, true) } },
  },
  'shower-arm': {
    name: 'shower arm',
    outlet: 'on the wall',
    by: {
      metric: { height: 2050, ends: [{ id: 'arm', name: 'arm', water: 'hot', ...taper('1/2'), across: 0, up: 0 }] },
      imperial: { height: 80 * inch, ends: [{ id: 'arm', name: 'arm', water: 'hot', ...taper('1/2'), across: 0, up: 0 }] },
    },
  },
  'tub-spout': {
    name: 'tub spout',
    outlet: 'on the wall',
    by: {
      imperial: { height: null, ends: [{ id: 'spout', name: 'spout', water: 'hot', ...taper('1/2'), across: 0, up: 0 }] },
    },
  },
  'washing-machine': {
    name: 'washing machine',
    isShutOff: true,
    by: {
      metric: { height: 600, ends: pair(150, nut('3/4')) },
      imperial: { height: 42 * inch, ends: pair(8 * inch, nut('3/4')) },
    },
  },
  'outdoor-tap': {
    name: 'outdoor tap',
    outlet: 'on the wall',
    by: {
      metric: { height: 450, ends: cold(taper('1/2')) },
      imperial: { height: 18 * inch, ends: cold(taper('1/2')) },
    },
  },
  'frost-proof-tap': {
    name: 'frost-proof outdoor tap',
    by: {
      metric: { height: 450, ends: cold(taper('1/2')) },
      imperial: { height: 18 * inch, ends: cold(taper('1/2')) },
    },
  },
  'water-heater': {
    name: 'water heater',
    ...heater,
    by: {
      metric: { height: null, ends: [...pair(200, { takes: '22' }), reliefAt(250, { takes: '22' })] },
      imperial: { height: null, ends: [...pair(8 * inch, taper('3/4')), reliefAt(10 * inch, female('3/4'))] },
    },
  },
  'water-heater-28': {
    name: 'water heater, 28 ends',
    ...heater,
    by: { metric: { height: null, ends: [...pair(200, { takes: '28' }), reliefAt(250, { takes: '22' })] } },
  },
  radiator: { name: 'radiator', isShutOff: true, outlet: 'radiator valve', by: { metric: radiator, imperial: radiator } },
  manifold: { name: 'manifold', goesOn: true, isOneWater: true, by: { metric: manifold(50), imperial: manifold(2 * inch) } },
  meter: {
    name: 'water meter',
    goesOn: true,
    isShutOff: true,
    by: {
      metric: { height: null, ends: cold(tail('3/4')) },
      imperial: { height: null, ends: cold(tail('3/4')) },
    },
  },
}

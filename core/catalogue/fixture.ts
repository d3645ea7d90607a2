import type { Units } from '../quantity/units'
import { endLabel, type FittingEnd, type ThreadEnd, type ThreadSystem } from './fitting'
import type { KeptFixture, OwnFixtureEnd } from './own-fixture'
import {
  fixtureRows,
  type FixtureEndPlace,
  type FixtureEndRow,
  type FixtureId,
  type FixtureRow,
} from './tables/fixtures'

export { fixtureIds, type FixtureId } from './tables/fixtures'

const threadSystems: Readonly<Record<Units, ThreadSystem>> = { metric: 'BSP', imperial: 'NPT' }

/** One end of a thing that pipe leads to: a thread, or it takes pipe straight. */
export interface FixtureEnd extends FixtureEndPlace {
  readonly thread?: ThreadEnd
  /** The size of the copper that goes straight into it, under a compression nut of its own. */
  readonly takes?: string
}

/** What an end of a fixture is, as it is asked for. */
export const fixtureEndLabel = ({ thread, takes }: FixtureEnd): string =>
  thread ? endLabel(thread) : `${takes} compression`

/** A thing that pipe leads to, as it is put up in a region, or as somebody described it. */
export interface Fixture {
  /** By the table, or one's own. */
  readonly id: FixtureId | 'own'
  readonly name: string
  readonly outlet: FixtureRow['outlet']
  /** mm over the finished floor, or over the ground outdoors; null where it follows from what is there. Typical. */
  readonly height: number | null
  readonly ends: readonly FixtureEnd[]
}

/** One of the table. */
export type UsualFixture = Fixture & { readonly id: FixtureId }

function endOf(row: FixtureEndRow, units: Units): FixtureEnd {
  if ('takes' in row) return row
  const { size, sex, form, ...place } = row
  return { ...place, thread: { type: 'thread', system: threadSystems[units], size, sex, form, plastic: false } }
}

/**
 * A fixture as a region puts it up; undefined where it is not usual there. All of it typical: the fixture's own sheet and
 * local code overrule.
 *
 * @example fixtureOf('basin', 'metric').height // 550
 * @example fixtureOf('basin', 'imperial').ends[0].across // -101.6
 * @remarks patterns.md, *Fixtures*
 */
export function fixtureOf(id: FixtureId, units: Units): UsualFixture | undefined {
  const { name, by, outlet } = fixtureRows[id]
  const form = by[units]
  return form && { id, name, outlet, height: form.height, ends: form.ends.map((row) => endOf(row, units)) }
}

const ownEndOf = ({ system, size, sex, form, ...end }: OwnFixtureEnd): FixtureEnd => ({
  ...end,
  thread: { type: 'thread', system, size, sex, form, plastic: false },
})

/** Which fixture an outlet leads to, as a job says it. */
export interface FixtureNamed {
  readonly id: string
  readonly kind: FixtureId | 'own'
  readonly made: Units
}

/**
 * The fixture that is named: one of the table in its region, or one's own by its id.
 *
 * @param own those that somebody described
 * @remarks for instance: kind `own` and id `panel`: the one of `own` with that id; undefined where there is none
 */
export function fixtureNamed({ id, kind, made }: FixtureNamed, own: readonly KeptFixture[]): Fixture | undefined {
  if (kind !== 'own') return fixtureOf(kind, made)
  const found = own.find((of) => of.id === id)
  return (
    found && {
      ...{ id: 'own', name: found.name, outlet: undefined, height: null },
      ends: found.ends.map(ownEndOf),
    }
  )
}

/** What a fixture is called, and whether it is shut off before a test, in whichever region it is put up. */
export const fixtureCalled = (
  { id, kind }: Pick<FixtureNamed, 'id' | 'kind'>,
  own: readonly KeptFixture[],
): { readonly name: string; readonly isShutOff?: true | undefined } | undefined =>
  kind === 'own' ? own.find((of) => of.id === id) : fixtureRows[kind]

/** Whether water goes on through a fixture, from each of its ends to each other. @example isOneWater('manifold') // true */
export const isOneWater = (id: FixtureId): boolean => fixtureRows[id].isOneWater === true

/** Whether nothing is drawn at a fixture, for water goes on through it. @example goesOnThrough('water-heater') // true */
export const goesOnThrough = (id: FixtureId): boolean => fixtureRows[id].goesOn === true

/** Whether a fixture heats water. @example heatsWater('water-heater') // true */
export const heatsWater = (id: FixtureId): boolean => fixtureRows[id].heatsWater === true

/** The fixtures that are usual in a region, in the order of the table. */
export const fixturesIn = (units: Units): UsualFixture[] =>
  (Object.keys(fixtureRows) as FixtureId[]).flatMap((id) => fixtureOf(id, units) ?? [])

/** A hose between an outlet and a fixture, with a swivel nut and its washer at each end that takes a tail. */
export interface Hose {
  readonly label: string
  /** The end that meets the outlet; null where it is the nut of a supply stop, which comes with the hose. */
  readonly first: ThreadEnd | null
  readonly last: ThreadEnd
}

/** What a hose ends in to go on this thread. */
const nutFor = ({ system, size, sex }: ThreadEnd): ThreadEnd => ({
  type: 'thread',
  system,
  size,
  sex: sex === 'M' ? 'F' : 'M',
  form: sex === 'M' ? 'parallel' : 'taper',
  plastic: false,
})

/**
 * The hose that leads from an outlet's end to a fixture's.
 *
 * @returns null where none does: an outlet that takes pipe, or two thread systems
 * @remarks for instance: from an angle stop's 1/2 M BSP to a tap's 1/2 M BSP: 1/2 F BSP × 1/2 F BSP hose
 */
export function hoseBetween(outlet: FittingEnd, fixture: ThreadEnd): Hose | null {
  const last = nutFor(fixture)
  if (outlet.type === 'thread') {
    if (outlet.system !== fixture.system) return null
    const first = nutFor(outlet)
    return { label: `${endLabel(first)} × ${endLabel(last)} hose`, first, last }
  }
  const isSupply = outlet.type === 'socket' && outlet.socket.system === 'by outside diameter, inch'
  return isSupply ? { label: `${outlet.socket.size} OD × ${endLabel(last)} hose`, first: null, last } : null
}

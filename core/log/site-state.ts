import { groupBy } from '../quantity/group-by'
import type { Plan } from '../plan/types'
import { effectiveEntries } from './effective'
import type { Entry } from './entry'
import { jointStates, type JointState } from './joint-states'
import { isOfKind, type BodyOf, type EntryOf, type KnownEntry } from './known-entry'
import { partCounts, type PartCount } from './part-counts'

/** What the gauge showed, and when that was written down. */
export interface TestReading extends BodyOf<'reading'> {
  readonly at: string
  /** When it came to the server; not known of what waits, and of what came before that was noted. */
  readonly arrived?: string
}
export interface TestLook extends BodyOf<'test-look'> {
  readonly at: string
  readonly by: string
}
export interface TestState {
  readonly begun: EntryOf<'test-begun'> | null
  readonly readings: readonly TestReading[]
  /** Walks round under pressure, in their order. */
  readonly looks: readonly TestLook[]
  /** When somebody touched the pressure. */
  readonly touches: readonly BodyOf<'touched'>[]
  readonly ended: EntryOf<'test-ended'> | null
  /** What was shut away for it, and is open again. */
  readonly openedAgain: readonly string[]
  /** The pump stroke that was measured last. */
  readonly pumped: BodyOf<'pumped'> | null
  /** What was done to find its leak. */
  readonly checks: readonly EntryOf<'leak-check'>[]
}
/** Where a job stands on site: all its entries added up. */
export interface SiteState {
  readonly joints: Readonly<Record<string, JointState>>
  readonly tests: Readonly<Record<string, TestState>>
  readonly parts: readonly PartCount[]
  readonly cuts: Readonly<Record<string, { readonly mm: number; readonly by: string; readonly at: string }>>
  readonly fixings: Readonly<Record<string, number>>
  readonly photos: readonly EntryOf<'photo'>[]
  readonly notes: readonly EntryOf<'note'>[]
  readonly water: readonly EntryOf<WaterKind>[]
  readonly covered: readonly EntryOf<'covered'>[]
  readonly handedOver: EntryOf<'handed-over'> | null
}

type TestEntry = EntryOf<(typeof testKinds)[number]>
const testKinds = [
  ...(['test-begun', 'reading', 'touched', 'test-look', 'test-ended'] as const),
  ...(['opened-again', 'pumped', 'leak-check'] as const),
] as const

/** A test as its entries tell it, in their order; the last of a kind holds. */
const testOf = (entries: readonly TestEntry[]): TestState => ({
  begun: entries.findLast(isOfKind('test-begun')) ?? null,
  readings: entries
    .filter(isOfKind('reading'))
    .map(({ at, body, arrived }) => ({ ...body, at, ...(arrived ? { arrived } : {}) }))
    .sort((a, b) => a.seconds - b.seconds),
  touches: entries.filter(isOfKind('touched')).map(({ body }) => body),
  looks: entries.filter(isOfKind('test-look')).map(({ at, by, body: { dry, wet } }) => ({ at, by, dry, wet })),
  ended: entries.findLast(isOfKind('test-ended')) ?? null,
  openedAgain: entries.filter(isOfKind('opened-again')).map(({ body }) => body.what),
  pumped: entries.findLast(isOfKind('pumped'))?.body ?? null,
  checks: entries.filter(isOfKind('leak-check')),
})

const testStates = (entries: readonly KnownEntry[]): SiteState['tests'] =>
  Object.fromEntries(
    [...groupBy(entries.filter(isOfKind(...testKinds)), ({ subject }) => subject.test)].map(([test, of]) => [
      test,
      testOf(of),
    ]),
  )

/** Whether anything was written down since a job was handed over, or the job itself was changed. */
export const changedSince = (handedOver: Entry, entries: readonly Entry[], version: number): boolean =>
  version > handedOver.jobVersion ||
  entries.findLastIndex(({ id }) => id !== handedOver.id) > entries.findIndex(({ id }) => id === handedOver.id)

const waterKinds = [
  ...(['isolated', 'filled', 'purged', 'flushed', 'dosed', 'disinfected', 'outlet-measured'] as const),
  ...(['heating-filled', 'vented', 'balanced', 'warm-look'] as const),
] as const
type WaterKind = (typeof waterKinds)[number]

/**
 * Where a job stands on site: its entries added up in the order in which the server took them, however often one comes.
 *
 * @remarks for instance: a joint made, inspected, and undone after both: neither made nor inspected
 */
export function siteState(plan: Plan, entries: readonly Entry[]): SiteState {
  const held = effectiveEntries(entries)
  const fixings = new Map<string, number>()
  for (const { subject, body } of held.filter(isOfKind('fixing-placed')))
    fixings.set(subject.leg, (fixings.get(subject.leg) ?? 0) + body.count)
  const joints = jointStates(plan, held)
  return {
    joints,
    tests: testStates(held),
    parts: partCounts(plan, held, joints),
    cuts: Object.fromEntries(
      held.filter(isOfKind('pipe-cut')).map(({ subject, body, by, at }) => [subject.leg, { mm: body.mm, by, at }]),
    ),
    fixings: Object.fromEntries(fixings),
    photos: held.filter(isOfKind('photo')),
    notes: held.filter(isOfKind('note')),
    water: held.filter(isOfKind(...waterKinds)),
    covered: held.filter(isOfKind('covered')),
    handedOver: held.findLast(isOfKind('handed-over')) ?? null,
  }
}

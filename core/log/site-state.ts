import { shippedCatalogue } from '../catalogue/catalogue'
import { groupBy } from '../quantity/group-by'
import { safeRead } from '../quantity/safe-read'
import type { Plan } from '../plan/types'
import type { CheckResult } from './leak-check'
import type { Entry } from './entry'
import { methods } from '../methods'
import { kindOf } from './kinds'
import { jointStates, type JointState } from './joint-states'
import { inServerTime } from './server-time'

/** What the gauge showed, and when that was written down. */
export interface TestReading {
  readonly seconds: number
  readonly bar: number
  readonly celsius?: number
  readonly from?: 'hand' | 'file' | 'gauge' | 'simulated'
  readonly at: string
  /** When it came to the server; not known of what waits, and of what came before that was noted. */
  readonly arrived?: string
}
export interface TestLook {
  readonly at: string
  readonly by: string
  readonly dry: readonly string[]
  readonly wet: readonly string[]
}
export interface TestState {
  readonly begun: Entry | null
  readonly readings: readonly TestReading[]
  /** Walks round under pressure, in their order. */
  readonly looks: readonly TestLook[]
  readonly ended: Entry | null
  /** The pump stroke that was measured last. */
  readonly pumped: { readonly litres: number; readonly from: number; readonly to: number } | null
  /** What was done to find its leak. */
  readonly checks: readonly CheckResult[]
}
export interface PartCount {
  readonly label: string
  readonly issued: number
  readonly used: number
  readonly left: number
  /** Issued less used and left: what nobody can account for. */
  readonly missing: number
}

/** Where a job stands on site: all its entries added up. */
export interface SiteState {
  readonly joints: Readonly<Record<string, JointState>>
  readonly tests: Readonly<Record<string, TestState>>
  readonly parts: readonly PartCount[]
  readonly cuts: Readonly<Record<string, { readonly mm: number; readonly by: string; readonly at: string }>>
  readonly fixings: Readonly<Record<string, number>>
  readonly photos: readonly Entry[]
  readonly notes: readonly Entry[]
  readonly water: readonly Entry[]
  readonly covered: readonly Entry[]
  readonly handedOver: Entry | null
}

/** Whether this is a body of an entry of this kind. */
function isBodyOf(kind: string, body: unknown): body is Entry['body'] {
  const known = kindOf(kind)
  return known !== undefined && safeRead(known.body, body).success
}

/**
 * Entries in the order in which the server took them, each once and by the server's clock, with what its corrections make
 * of it: the newest holds, and one may say that the entry does not count.
 */
export function effectiveEntries(entries: readonly Entry[]): Entry[] {
  const once = [...new Map(entries.map((entry) => [entry.id, inServerTime(entry)])).values()]
  const corrections = new Map<string, Entry>()
  for (const entry of once) if (entry.kind === 'correction' && entry.replaces) corrections.set(entry.replaces, entry)
  /** What holds of an entry; a correction may itself be corrected. */
  const holds = (entry: Entry, met = new Set<string>()): Entry | null => {
    const by = corrections.get(entry.id)
    if (!by || met.has(by.id)) return entry
    const of = holds(by, met.add(by.id))
    // A correction that was withdrawn itself leaves the entry as it was.
    if (!of) return entry
    if (of.body.withdrawn === true) return null
    // One that was taken before bodies were checked stands for nothing.
    return isBodyOf(entry.kind, of.body.body) ? { ...entry, body: of.body.body } : entry
  }
  return once.flatMap((entry) => {
    if (entry.kind === 'correction') return []
    const held = holds(entry)
    return held ? [held] : []
  })
}

const lookOf = ({ at, by, body }: Entry): TestLook => ({
  at,
  by,
  dry: body.dry as readonly string[],
  wet: (body.wet ?? []) as readonly string[],
})

/** A test as its entries tell it, in their order; the last of a kind holds. */
function testOf(entries: readonly Entry[]): TestState {
  const ofKind = (kind: string) => entries.filter((entry) => entry.kind === kind)
  const bodies = <Body>(kind: string) => ofKind(kind).map(({ body }) => body as Body)
  return {
    begun: ofKind('test-begun').at(-1) ?? null,
    readings: ofKind('reading')
      .map(({ at, body, arrived }) => ({ ...(body as Omit<TestReading, 'at'>), at, ...(arrived ? { arrived } : {}) }))
      .sort((a, b) => a.seconds - b.seconds),
    looks: ofKind('test-look').map(lookOf),
    ended: ofKind('test-ended').at(-1) ?? null,
    pumped: bodies<NonNullable<TestState['pumped']>>('pumped').at(-1) ?? null,
    checks: bodies<CheckResult>('leak-check'),
  }
}

const testKinds: ReadonlySet<string> = new Set([
  'test-begun',
  'reading',
  'test-look',
  'test-ended',
  'pumped',
  'leak-check',
])

const testStates = (entries: readonly Entry[]): SiteState['tests'] =>
  Object.fromEntries(
    [
      ...groupBy(
        entries.filter(({ kind, subject }) => subject.test !== undefined && testKinds.has(kind)),
        ({ subject }) => subject.test!,
      ),
    ].map(([test, of]) => [test, testOf(of)]),
  )

/** Inserts that were ticked in, by what they are called. */
function insertsIn(plan: Plan, joints: SiteState['joints']): Map<string, number> {
  const counts = new Map<string, number>()
  for (const { id, method, pipe } of plan.joints) {
    const found = shippedCatalogue.pipe(pipe)
    const label = found && joints[id]?.made?.body.insert === true ? methods[method].insert(found) : null
    if (label) counts.set(label, (counts.get(label) ?? 0) + 1)
  }
  return counts
}

/** Parts by what they are called: issued, used and left over. What was ticked in is used, where anybody counts. */
function partCounts(entries: readonly Entry[], ticked: ReadonlyMap<string, number>): PartCount[] {
  const counts = new Map<string, { issued: number; used: number; left: number }>()
  const columns = { 'part-issued': 'issued', 'part-used': 'used', 'part-left': 'left' } as const
  for (const { kind, body } of entries) {
    const column = columns[kind as keyof typeof columns]
    if (!column) continue
    const label = String(body.label)
    const known = counts.get(label) ?? { issued: 0, used: 0, left: 0 }
    counts.set(label, { ...known, [column]: known[column] + Number(body.count) })
  }
  return [...counts].map(([label, { issued, used: told, left }]) => {
    const used = Math.max(told, ticked.get(label) ?? 0)
    return { label, issued, used, left, missing: issued - used - left }
  })
}

/** Whether anything was written down since a job was handed over, or the job itself was changed. */
export const changedSince = (handedOver: Entry, entries: readonly Entry[], version: number): boolean =>
  version > handedOver.jobVersion ||
  entries.findLastIndex(({ id }) => id !== handedOver.id) > entries.findIndex(({ id }) => id === handedOver.id)

const waterKinds: ReadonlySet<string> = new Set(['isolated', 'filled', 'purged', 'flushed', 'dosed'])

/**
 * Where a job stands on site: its entries added up in the order in which the server took them, however often one comes.
 *
 * @remarks for instance: a joint made, inspected, and undone after both: neither made nor inspected
 */
export function siteState(plan: Plan, entries: readonly Entry[]): SiteState {
  const held = effectiveEntries(entries)
  const ofKind = (kind: string) => held.filter((entry) => entry.kind === kind)
  const fixings = new Map<string, number>()
  for (const { subject, body } of ofKind('fixing-placed'))
    fixings.set(subject.leg!, (fixings.get(subject.leg!) ?? 0) + Number(body.count))
  const joints = jointStates(plan, held)
  return {
    joints,
    tests: testStates(held),
    parts: partCounts(held, insertsIn(plan, joints)),
    cuts: Object.fromEntries(
      ofKind('pipe-cut').map(({ subject, body, by, at }) => [subject.leg!, { mm: Number(body.mm), by, at }]),
    ),
    fixings: Object.fromEntries(fixings),
    photos: ofKind('photo'),
    notes: ofKind('note'),
    water: held.filter(({ kind }) => waterKinds.has(kind)),
    covered: ofKind('covered'),
    handedOver: ofKind('handed-over').at(-1) ?? null,
  }
}

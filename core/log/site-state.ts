import type { PlanJoint } from '../build/planned'
import type { JointsDone } from '../plan/progress'
import type { Plan } from '../plan/types'
import type { CheckResult } from './leak-check'
import type { Entry } from './entry'
import { timeKey } from './time-key'

/** Who did it and when. */
export interface Done {
  readonly entry: string
  readonly by: string
  readonly at: string
}
export interface JointState {
  readonly made: (Done & { readonly body: Entry['body'] }) | null
  readonly inspected: (Done & { readonly sound: boolean }) | null
  readonly photos: readonly string[]
  /** How often it was made: more than once after it was undone, or mended. */
  readonly timesMade: number
  /** It was made to another figure, method or pipe than is planned now; null where it was not made, or nothing differs. */
  readonly changed: readonly PlanChange[] | null
}
export interface PlanChange {
  readonly what: 'insertion' | 'method' | 'pipe'
  readonly made: string | number | null
  readonly planned: string | number | null
}
export interface TestState {
  readonly begun: Entry | null
  readonly readings: readonly { readonly seconds: number; readonly bar: number; readonly celsius?: number }[]
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

const before = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
const inOrder = (a: Entry, b: Entry): number => before(timeKey(a.at), timeKey(b.at)) || before(a.id, b.id)

/**
 * Entries in order of their times, each once, with what its corrections make of it: the newest holds, and one may say
 * that the entry does not count.
 */
export function effectiveEntries(entries: readonly Entry[]): Entry[] {
  const once = [...new Map(entries.map((entry) => [entry.id, entry])).values()].sort(inOrder)
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
    return { ...entry, body: of.body.body as Entry['body'] }
  }
  return once.flatMap((entry) => {
    if (entry.kind === 'correction') return []
    const held = holds(entry)
    return held ? [held] : []
  })
}

const doneBy = ({ id, by, at }: Entry): Done => ({ entry: id, by, at })

function changesOf(body: Entry['body'], planned: PlanJoint | undefined): PlanChange[] | null {
  if (!planned) return null
  const figures = { insertion: planned.insertion, method: planned.method, pipe: planned.pipe } as const
  const found = (['insertion', 'method', 'pipe'] as const).flatMap((what): PlanChange[] => {
    const made = body[what] as string | number | null | undefined
    if (made === undefined || made === null || made === figures[what]) return []
    return [{ what, made, planned: figures[what] }]
  })
  return found.length > 0 ? found : null
}

const untouched: JointState = { made: null, inspected: null, photos: [], timesMade: 0, changed: null }

function jointStates(plan: Plan, entries: readonly Entry[]): SiteState['joints'] {
  const planned = new Map(plan.joints.map((joint) => [joint.id, joint]))
  const states = new Map<string, JointState>(plan.joints.map(({ id }) => [id, untouched]))
  for (const entry of entries) {
    const { joint } = entry.subject
    if (joint === undefined) continue
    // A joint that is planned no more was made all the same.
    const known = states.get(joint) ?? untouched
    if (entry.kind === 'joint-made')
      states.set(joint, {
        ...known,
        made: { ...doneBy(entry), body: entry.body },
        // Made anew, it is looked at anew.
        inspected: null,
        timesMade: known.timesMade + 1,
        changed: changesOf(entry.body, planned.get(joint)),
      })
    else if (entry.kind === 'joint-inspected')
      states.set(joint, { ...known, inspected: { ...doneBy(entry), sound: entry.body.sound === true } })
    else if (entry.kind === 'joint-undone') states.set(joint, { ...known, made: null, inspected: null, changed: null })
    else if (entry.kind === 'photo') states.set(joint, { ...known, photos: [...known.photos, String(entry.body.sha)] })
  }
  return Object.fromEntries(states)
}

function testStates(entries: readonly Entry[]): SiteState['tests'] {
  const states = new Map<string, TestState>()
  for (const entry of entries) {
    const { test } = entry.subject
    if (test === undefined) continue
    const known = states.get(test) ?? { begun: null, readings: [], ended: null, pumped: null, checks: [] }
    if (entry.kind === 'test-begun') states.set(test, { ...known, begun: entry })
    else if (entry.kind === 'test-ended') states.set(test, { ...known, ended: entry })
    else if (entry.kind === 'reading')
      states.set(test, { ...known, readings: [...known.readings, entry.body as TestState['readings'][number]] })
    else if (entry.kind === 'pumped')
      states.set(test, { ...known, pumped: entry.body as unknown as TestState['pumped'] })
    else if (entry.kind === 'leak-check')
      states.set(test, { ...known, checks: [...known.checks, entry.body as unknown as CheckResult] })
  }
  return Object.fromEntries(
    [...states].map(([test, state]) => [
      test,
      { ...state, readings: state.readings.toSorted((a, b) => a.seconds - b.seconds) },
    ]),
  )
}

function partCounts(entries: readonly Entry[]): PartCount[] {
  const counts = new Map<string, { issued: number; used: number; left: number }>()
  const columns = { 'part-issued': 'issued', 'part-used': 'used', 'part-left': 'left' } as const
  for (const { kind, body } of entries) {
    const column = columns[kind as keyof typeof columns]
    if (!column) continue
    const label = String(body.label)
    const known = counts.get(label) ?? { issued: 0, used: 0, left: 0 }
    counts.set(label, { ...known, [column]: known[column] + Number(body.count) })
  }
  return [...counts].map(([label, count]) => ({ label, ...count, missing: count.issued - count.used - count.left }))
}

/** Whether anything was written down since a job was handed over, or the job itself was changed. */
export const changedSince = (handedOver: Entry, entries: readonly Entry[], version: number): boolean =>
  version > handedOver.jobVersion ||
  entries.some(({ id, at }) => id !== handedOver.id && timeKey(at) > timeKey(handedOver.at))

const waterKinds: ReadonlySet<string> = new Set(['isolated', 'filled', 'purged', 'flushed', 'dosed'])

/**
 * Where a job stands on site. Entries may come in any order and more than once: they add up to one state.
 *
 * @remarks for instance: a joint made, inspected, and undone after both: neither made nor inspected
 */
export function siteState(plan: Plan, entries: readonly Entry[]): SiteState {
  const held = effectiveEntries(entries)
  const ofKind = (kind: string) => held.filter((entry) => entry.kind === kind)
  const fixings = new Map<string, number>()
  for (const { subject, body } of ofKind('fixing-placed'))
    fixings.set(subject.leg!, (fixings.get(subject.leg!) ?? 0) + Number(body.count))
  return {
    joints: jointStates(plan, held),
    tests: testStates(held),
    parts: partCounts(held),
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

/** How many of the planned joints are made, and inspected and sound; what the last test found. */
export function jointsDone(plan: Plan, state: SiteState): JointsDone {
  const of = plan.joints.map(({ id }) => state.joints[id]!)
  const last = Object.values(state.tests)
    .filter(({ begun }) => begun !== null)
    .toSorted((a, b) => before(timeKey(a.begun!.at), timeKey(b.begun!.at)))
    .at(-1)
  return {
    made: of.filter(({ made }) => made).length,
    inspected: of.filter(({ inspected }) => inspected?.sound).length,
    all: of.length,
    handedOver: state.handedOver !== null,
    ...(last ? { tested: last.ended ? (last.ended.body.verdict as JointsDone['tested']) : 'running' } : {}),
  }
}

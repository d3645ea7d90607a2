import type { Catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../methods/ids'
import { readingNotes } from './reading-notes'
import { whatMeets } from '../pipework/what-meets'
import type { Job } from '../job/job'
import { provenJoints, type JointProof } from '../log/proven'
import { effectiveEntries } from '../log/effective'
import { siteState, type SiteState } from '../log/site-state'
import type { Entry } from '../log/entry'
import type { Plan } from '../plan/types'
import type { ProofAnswer } from '../prove/prove'
import { underTest, type Scope } from '../prove/scope'
import { jointNumbers } from './joint-numbers'
import { namesOf } from '../run/names'
import { changedSettings } from '../workshop/profile'
import { missingOf, type Missing } from './missing'
import { ownerDuties } from './owner-duties'
import { drainPoints, shutOffs, type DrainPoint, type ShutOff } from './shut-offs'
import type { Message } from '../quantity/words/message'

export interface RecordedJoint {
  readonly id: string
  readonly number: number
  readonly where: string
  readonly pipe: string
  readonly method: MethodId
  /** mm that it is planned to go in; null where that is not known. */
  readonly insertion: number | null
  readonly made: SiteState['joints'][string]['made']
  readonly inspected: SiteState['joints'][string]['inspected']
  readonly changed: SiteState['joints'][string]['changed']
  /** The test that proves it, or what is lacking. */
  /** Null where nothing is to be proven: a relief pipe stands empty. */
  readonly proof: JointProof | null
  readonly photos: readonly string[]
}

/** A joint that was made, and is planned no more: by its id alone, since its place is gone. */
export interface UnplannedJoint {
  readonly id: string
  readonly made: SiteState['joints'][string]['made']
  readonly inspected: SiteState['joints'][string]['inspected']
}

export interface RecordedTest {
  readonly id: string
  readonly begun: NonNullable<SiteState['tests'][string]['begun']>
  readonly ended: SiteState['tests'][string]['ended']
  readonly readings: SiteState['tests'][string]['readings']
  readonly looks: SiteState['tests'][string]['looks']
  readonly touches: SiteState['tests'][string]['touches']
  readonly pumped: SiteState['tests'][string]['pumped']
  readonly openedAgain: SiteState['tests'][string]['openedAgain']
  /** The numbers of its joints where it was of a part; null where all was under test. */
  readonly joints: string | null
  readonly proof: ProofAnswer | null
  /** Where its readings come from, and what holds their times. */
  readonly notes: readonly Message[]
}

/** What is handed over: what was made, by whom, how it was tested, with what it lacks at its head. */
export interface JobRecord {
  readonly format: 'jolvet-record'
  readonly version: 1
  readonly missing: readonly Missing[]
  readonly job: {
    readonly id: string
    readonly title: string
    readonly address: string
    /** By which clock its times are written: the place's; else UTC. */
    readonly zone?: string
    readonly version: number
    /** The rule profile, and the settings in which it was changed. */
    readonly profile: string
    readonly changed: readonly string[]
  }
  /** Everybody who wrote something down. */
  readonly people: readonly string[]
  readonly joints: readonly RecordedJoint[]
  /** What was written of joints that the plan no longer has. */
  readonly unplanned: readonly UnplannedJoint[]
  readonly tests: readonly RecordedTest[]
  readonly materials: {
    readonly fittings: Plan['fittings']
    readonly sundries: Plan['sundries']
    readonly supplies: Plan['supplies']
    readonly pipe: readonly { readonly item: string; readonly label: string; readonly mm: number }[]
  }
  readonly parts: SiteState['parts']
  readonly water: SiteState['water']
  readonly covered: SiteState['covered']
  readonly photos: SiteState['photos']
  readonly notes: SiteState['notes']
  readonly valves: readonly ShutOff[]
  readonly drains: readonly DrainPoint[]
  /** What the owner must do. */
  readonly owner: readonly Message[]
  /** What the plan itself warns of. */
  readonly cautions: Plan['checks']
  readonly handedOver: SiteState['handedOver']
}

/** What the readings of each test say, by its id: worked out beforehand, since it takes longer than all else. */
export type Proofs = ReadonlyMap<string, ProofAnswer>

const partOf = (job: Job, plan: Plan, scope: Scope): string =>
  jointNumbers(
    plan,
    plan.joints.filter(underTest(job, scope).joint).map(({ id }) => id),
  )

const testsOf = (job: Job, plan: Plan, state: SiteState, proofs: Proofs): RecordedTest[] =>
  Object.entries(state.tests).flatMap(([id, { begun, ended, readings, looks, touches, pumped, openedAgain }]) =>
    begun
      ? [
          {
            ...{ id, begun, ended, readings, looks, touches, pumped, openedAgain },
            joints: begun.body.legs ? partOf(job, plan, begun.body) : null,
            proof: proofs.get(id) ?? null,
            notes: readingNotes({ begun, readings }),
          },
        ]
      : [],
  )

function pipeUsed(catalogue: Catalogue, plan: Plan): JobRecord['materials']['pipe'] {
  const used = new Map<string, number>()
  for (const { pipe, cut } of plan.pieces) used.set(pipe, (used.get(pipe) ?? 0) + (cut ?? 0))
  return [...used].map(([pipe, mm]) => ({ item: pipe, label: catalogue.pipe(pipe)?.label ?? pipe, mm: Math.round(mm) }))
}

function recordedOf({ joints }: SiteState, id: string) {
  const { made, inspected, changed, photos } = joints[id]!
  return { made, inspected, changed, photos }
}

/** The record of a job: a pure function of its plan, of what was written down, and of what the gauge’s readings say. */
export function recordOf(
  catalogue: Catalogue,
  { id, version, job }: { readonly id: string; readonly version: number; readonly job: Job },
  { plan, entries, proofs }: { readonly plan: Plan; readonly entries: readonly Entry[]; readonly proofs: Proofs },
): JobRecord {
  const state = siteState(plan, entries)
  const names = namesOf(job)
  const jointProofs = provenJoints(job, plan, state)
  const planned = new Set(plan.joints.map(({ id }) => id))
  const [valves, drains] = [shutOffs(job), drainPoints(job)]
  return {
    format: 'jolvet-record',
    version: 1,
    missing: missingOf(job, plan, state),
    job: {
      id,
      title: job.title,
      address: job.address ?? '',
      ...(job.zone ? { zone: job.zone } : {}),
      version,
      profile: job.own?.name ?? job.profile,
      changed: job.own ? changedSettings({ base: job.profile, changes: job.own.changes }) : [],
    },
    people: [...new Set(effectiveEntries(entries).map(({ by }) => by))].sort(),
    joints: plan.joints.map((joint) => ({
      id: joint.id,
      number: joint.number,
      where: `${names.get(joint.run)!.run}, ${names.get(joint.run)!.node(joint.node)}, ${whatMeets(joint)}`,
      pipe: catalogue.pipe(joint.pipe)!.label,
      method: joint.method,
      insertion: joint.insertion,
      ...recordedOf(state, joint.id),
      proof: jointProofs.get(joint.id) ?? null,
    })),
    unplanned: Object.entries(state.joints).flatMap(([id, { made, inspected }]) =>
      planned.has(id) || !made ? [] : [{ id, made, inspected }],
    ),
    tests: testsOf(job, plan, state, proofs),
    materials: {
      fittings: plan.fittings,
      sundries: plan.sundries,
      supplies: plan.supplies,
      pipe: pipeUsed(catalogue, plan),
    },
    parts: state.parts,
    water: state.water,
    covered: state.covered,
    photos: state.photos,
    notes: state.notes,
    valves,
    drains,
    owner: ownerDuties(job, plan, { valves, drains }),
    cautions: plan.checks,
    handedOver: state.handedOver,
  }
}

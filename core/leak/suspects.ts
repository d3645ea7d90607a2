import { holdsWater } from '../run/states'
import type { PlanJoint } from '../pipework/planned'
import { methods } from '../methods'
import { everything, underTest, type Scope } from '../prove/scope'
import { siteId } from '../job/site-id'
import type { Job, Leg, Run } from '../job/job'
import { shippedCatalogue } from '../catalogue/catalogue'
import { evidenceAsked, unanswered, type EvidenceId } from '../log/evidence'
import type { JointState } from '../log/joint-states'
import type { SiteState } from '../log/site-state'
import type { Plan } from '../plan/types'
import { searchSays, type SuspicionKind } from './sayings'
import type { Message } from '../quantity/words/message'

/** A joint, or a leg's pipe, that may be what leaks. */
export interface Suspect {
  /** The joint's id, or `leg/` with its run and leg. */
  readonly id: string
  readonly joint: string | null
  readonly run: string
  readonly leg: string | null
  readonly node: string | null
  /** How likely it is to be the one, beside the others; typical. */
  readonly weight: number
  /** It cannot be seen where it is. */
  readonly isHidden: boolean
  /** mm of pipe to look along; 0 at a joint. */
  readonly length: number
  /** What makes it likelier than its like. */
  readonly why: readonly Message[]
}

/** By how much what is known of a joint raises its chance, or lowers it; typical. */
const factors: Readonly<Record<SuspicionKind, number>> = {
  'not sound': 20,
  'not made': 8,
  'gauge does not go': 8,
  'not gauged': 3,
  'mark not seen': 4,
  'not at the shoulder': 3,
  'ring not placed': 2,
  'ring not turned': 2,
  'no insert': 4,
  reused: 3,
  'made twice': 2,
  'factory end': 1.5,
  refused: 4,
}
const seenSound = 0.5
/** A joint of existing pipe that nobody touched held until now. */
const untouched = 0.2
/** Pipe itself, by the metre: it was hit, or kinked. */
const pipeByMetre = 0.05
/** What was asked as it was made, and not answered, makes it likelier. */
const byEvidence: Readonly<Partial<Record<EvidenceId, SuspicionKind>>> = {
  markSeen: 'mark not seen',
  windowFull: 'mark not seen',
  atShoulder: 'not at the shoulder',
  ringPlaced: 'ring not placed',
  gauge: 'not gauged',
  earClosed: 'not gauged',
  ringTurned: 'ring not turned',
  insert: 'no insert',
}

function suspicionsOf(joint: PlanJoint, state: JointState | undefined, run: Run): SuspicionKind[] {
  const found: SuspicionKind[] = []
  const made = state?.made ?? null
  if (joint.verdict === 'refuse') found.push('refused')
  if (run.condition?.factoryEnd) found.push('factory end')
  if (state?.inspected?.sound === false) found.push('not sound')
  if (!made) return [...found, 'not made']
  const pipe = shippedCatalogue.pipe(joint.pipe)
  const open = pipe ? unanswered(evidenceAsked(joint, pipe), made.body) : []
  for (const id of open) {
    const kind = id === 'gauge' && made.body.gauge !== undefined ? 'gauge does not go' : byEvidence[id]
    if (kind) found.push(kind)
  }
  if (typeof made.body.uses === 'number' && made.body.uses > 1) found.push('reused')
  if ((state?.timesMade ?? 0) > 1) found.push('made twice')
  return found
}

function jointSuspect(
  joint: PlanJoint,
  state: JointState | undefined,
  { run, leg, isHidden }: { readonly run: Run; readonly leg: Leg | undefined; readonly isHidden: boolean },
): Suspect {
  const isOld = leg?.state === 'existing' && !state?.made
  const kinds = isOld ? [] : suspicionsOf(joint, state, run)
  const weight = kinds.reduce((product, kind) => product * factors[kind], methods[joint.method].weeps)
  return {
    id: joint.id,
    joint: joint.id,
    run: run.id,
    leg: joint.leg,
    node: joint.node,
    weight: weight * (isOld ? untouched : 1) * (state?.inspected?.sound ? seenSound : 1),
    isHidden,
    length: 0,
    why: kinds.map((kind) => searchSays(kind)),
  }
}

const pipeSuspect = (leg: Leg, length: number, isHidden: boolean): Suspect => ({
  id: `leg/${siteId(leg)}`,
  joint: null,
  run: leg.run,
  leg: leg.id,
  node: null,
  weight: (pipeByMetre * length) / 1000,
  isHidden,
  length,
  why: [],
})

/**
 * Everything of a test that may leak: its joints by their methods and by what the log says of them, and the pipe itself; in
 * order along the runs.
 *
 * @remarks for instance: a crimped joint that was ticked without a gauge weighs 4.5, a press joint with its mark seen 1
 */
export function suspectsOf(job: Job, plan: Plan, state: SiteState, scope: Scope = everything): Suspect[] {
  const under = underTest(job, scope)
  const behind = new Set(state.covered.flatMap(({ body }) => (body.joints as readonly string[] | undefined) ?? []))
  const legs = new Map(job.legs.map((leg) => [leg.id, leg]))
  return job.runs.flatMap((run) => {
    const isConcealed = (run.place ?? job.place)?.concealed === true && state.covered.length > 0
    const joints = plan.joints
      .filter((joint) => joint.run === run.id && under.joint(joint))
      .map((joint) =>
        jointSuspect(joint, state.joints[joint.id], {
          run,
          leg: legs.get(joint.leg ?? ''),
          isHidden: behind.has(joint.id),
        }),
      )
    const isAllHidden = isConcealed && joints.every(({ isHidden }) => isHidden)
    const own = job.legs.filter((leg) => leg.run === run.id && under.leg(leg))
    const along = own.flatMap((leg) => {
      const at = (node: string) => joints.filter((joint) => joint.leg === leg.id && joint.node === node)
      const isGone = !holdsWater(leg)
      const pipe = isGone || leg.length === null ? [] : [pipeSuspect(leg, leg.length, isAllHidden)]
      return [...at(leg.from), ...pipe, ...at(leg.to)]
    })
    return [...along, ...joints.filter(({ leg }) => leg === null)]
  })
}

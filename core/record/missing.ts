import { shippedCatalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { evidenceAsked, unanswered, type EvidenceId } from '../log/evidence'
import type { JointState } from '../log/joint-states'
import { provenJoints, testFaults, type JointProof } from '../log/proven'
import type { SiteState } from '../log/site-state'
import { stillShut } from '../log/still-shut'
import { timeKey } from '../log/time-key'
import type { StepId } from '../plan/progress'
import type { Plan } from '../plan/types'
import { commissionDue } from '../commission/due'
import { groupBy } from '../quantity/group-by'
import type { Message } from '../quantity/words/message'
import { jointNumbers } from './joint-numbers'
import { recordSays } from './sayings'

/** A gap in a record: what it is, in which step it is filled, and at which joints. */
export interface Missing {
  readonly message: Message
  readonly step: StepId
  readonly joints: readonly string[]
}

/** Joints that nobody has inspected yet, and no test has proven: what to ask about before they are closed in. */
export const unseen = (
  { joints }: SiteState,
  proofs: ReadonlyMap<string, JointProof>,
  behind: readonly string[],
): string[] => behind.filter((id) => !joints[id]?.inspected && !isProven(proofs.get(id)))

const isProven = (proof: JointProof | undefined): boolean => proof !== undefined && 'by' in proof

/** What was closed in before its joints were inspected or proven, and nobody said why. */
function coveredUnseen(
  { covered, joints, tests }: SiteState,
  proofs: ReadonlyMap<string, JointProof>,
): SiteState['covered'][number][] {
  const provenBefore = (id: string, then: string): boolean => {
    const proof = proofs.get(id)
    return proof !== undefined && 'by' in proof && timeKey(tests[proof.by]!.ended!.at) <= then
  }
  return covered.filter(({ at, body }) => {
    if (body.why !== undefined) return false
    const then = timeKey(at)
    return body.joints.some((id) => {
      const inspected = joints[id]?.inspected
      return !(inspected && timeKey(inspected.at) <= then) && !provenBefore(id, then)
    })
  })
}

/** What was asked of each joint as it was made and is not answered, by the question. */
function unansweredOf(plan: Plan, { joints }: SiteState): Map<EvidenceId, string[]> {
  const gaps = plan.joints.flatMap((joint) => {
    const [pipe, made] = [shippedCatalogue.pipe(joint.pipe), joints[joint.id]?.made]
    return pipe && made ? unanswered(evidenceAsked(joint, pipe), made.body).map((id) => ({ id, joint: joint.id })) : []
  })
  return new Map([...groupBy(gaps, ({ id }) => id)].map(([id, of]) => [id, of.map(({ joint }) => joint)]))
}

/**
 * What a job lacks before it can be handed over, in the order of the work, each gap with its joints.
 *
 * @remarks for instance: two joints made of three, none inspected, no test: joint 3 not made, 1 and 2 not inspected, none tested, not flushed
 */
export function missingOf(job: Job, plan: Plan, state: SiteState): Missing[] {
  if (plan.joints.length === 0) return [{ message: recordSays('no joints'), step: 'route', joints: [] }]
  const those = (is: (of: JointState) => boolean) =>
    plan.joints.filter(({ id }) => is(state.joints[id]!)).map(({ id }) => id)
  const found: Missing[] = []
  const told = (joints: readonly string[]) => ({ count: joints.length, joints: jointNumbers(plan, joints) })
  const count = (message: 'unmade' | 'uninspected' | 'unsound' | 'changed' | 'gauge refuses', joints: string[]) => {
    if (joints.length > 0) found.push({ message: recordSays(message, told(joints)), step: 'make', joints })
  }
  count(
    'unmade',
    those(({ made }) => made === null),
  )
  count(
    'uninspected',
    those(({ made, inspected }) => made !== null && inspected === null),
  )
  count(
    'unsound',
    those(({ inspected }) => inspected?.sound === false),
  )
  count(
    'changed',
    those(({ changed }) => changed !== null),
  )
  count(
    'gauge refuses',
    those(({ made }) => made?.body.gauge === 'does not go'),
  )
  for (const [evidence, joints] of unansweredOf(plan, state))
    found.push({ message: recordSays('evidence', { ...told(joints), evidence }), step: 'make', joints })
  for (const { label, missing } of state.parts)
    if (missing !== 0) found.push({ message: recordSays('inserts', { label, missing }), step: 'make', joints: [] })
  const proofs = provenJoints(job, plan, state)
  for (const fault of testFaults) {
    const joints = [...proofs].flatMap(([id, proof]) => ('lacks' in proof && proof.lacks === fault ? [id] : []))
    if (joints.length > 0)
      found.push({ message: recordSays('proof', { ...told(joints), fault }), step: 'prove', joints })
  }
  const shut = stillShut(state).map(({ what }) => what)
  if (shut.length > 0)
    found.push({ message: recordSays('not opened again', { what: shut.join(', ') }), step: 'prove', joints: [] })
  for (const message of commissionDue(shippedCatalogue, job, state)) found.push({ message, step: 'prove', joints: [] })
  for (const { body } of coveredUnseen(state, proofs))
    found.push({
      message: recordSays('covered', { where: String(body.where) }),
      step: 'make',
      joints: body.joints as readonly string[],
    })
  return found
}

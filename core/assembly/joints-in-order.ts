import type { PlanJoint } from '../pipework/planned'
import type { AssemblyStep, Phase } from './phases'

/** A joint at its turn; its phase is null where no order of work is known. */
export interface JointAtTurn {
  readonly joint: PlanJoint
  readonly phase: Phase | null
}

/**
 * The joints in the order in which they are made: that of the plan of work; what has no place in it, a refused joint
 * for instance, comes after it, by number.
 *
 * @param steps of the plan of work; null where none is known: then all are by number
 * @remarks for instance: an elbow joint 3 that goes on the bench comes before joint 1 at the cut
 */
export function jointsInOrder(
  joints: readonly PlanJoint[],
  steps: readonly AssemblyStep[] | null,
): readonly JointAtTurn[] {
  const turns = new Map(steps?.map((step, turn) => [step.joint, { turn, phase: step.phase }]))
  const turnOf = ({ joint }: JointAtTurn) => turns.get(joint.id)?.turn ?? turns.size
  return joints
    .map((joint) => ({ joint, phase: turns.get(joint.id)?.phase ?? null }))
    .sort((a, b) => turnOf(a) - turnOf(b) || a.joint.number - b.joint.number)
}

import { DisjointSets } from '../quantity/disjoint-sets'
import type { AssemblyStep } from './phases'
import { isHeld, isHurtBy, needsFlame, type AssemblyJoint, type AssemblyQuestion } from './question'
import { firstObstacle } from './stepwise'

/** Minutes that the next mouth of a fitting takes that is hot from the one before: typical. */
const sameHeat = 1

/**
 * Minutes of hands at a joint, made right after another: the next mouth of a fitting that is still hot takes one.
 *
 * @param before the joint that was made right before it
 * @remarks for instance: a coupling of two mouths at 10 minutes each: 10, then 1
 */
export const handsAt = (before: AssemblyJoint | undefined, joint: AssemblyJoint): number =>
  before && needsFlame(before) && needsFlame(joint) && before.parts[0] === joint.parts[0]
    ? Math.min(sameHeat, joint.minutes)
    : joint.minutes

/** A step with the minutes from the beginning at which hands begin and end it. */
export interface HandedStep extends AssemblyStep {
  readonly start: number
  readonly end: number
  /** Which pair of hands makes it, from 1. */
  readonly pair: number
}

export interface HandsAsked {
  readonly pairs: number
  /** Minutes that a step took, by joint. */
  readonly real: ReadonlyMap<string, number>
  /** Minutes from the last joint before the water is off to the first one after. */
  readonly shutting: number
}

/** Deals the steps of one phase out as hands come free. */
function* deal(
  question: AssemblyQuestion,
  steps: readonly AssemblyStep[],
  { pairs, real, from, inOrder }: Omit<HandsAsked, 'shutting'> & { readonly from: number; readonly inOrder: boolean },
): Generator<HandedStep> {
  const joints = new Map(question.joints.map((joint) => [joint.id, joint]))
  const together = new DisjointSets()
  /** What moves with a joint; old pipe moves with nothing. */
  const moved = ({ parts }: AssemblyJoint) =>
    parts.filter((part) => !isHeld(question, part)).map((part) => together.root(part))
  const free = Array.from({ length: pairs }, () => from)
  const left = [...steps]
  let dealt: HandedStep[] = []
  while (left.length > 0) {
    const at = Math.min(...free)
    const pair = free.indexOf(at)
    const running = dealt.filter(({ end }) => end > at).map(({ joint }) => joints.get(joint)!)
    const held = new Set(running.flatMap(moved))
    const canStart = ({ joint: id }: AssemblyStep) => {
      const joint = joints.get(id)!
      const isInTheWay = (other: AssemblyJoint) =>
        (needsFlame(other) && isHurtBy(question, other, joint)) ||
        (needsFlame(joint) && isHurtBy(question, joint, other))
      return !moved(joint).some((root) => held.has(root)) && !running.some(isInTheWay)
    }
    const next = inOrder ? (canStart(left[0]!) ? 0 : -1) : left.findIndex(canStart)
    if (next < 0) {
      free[pair] = Math.min(...dealt.flatMap(({ end }) => (end > at ? [end] : [])))
      continue
    }
    const [step] = left.splice(next, 1) as [AssemblyStep]
    const joint = joints.get(step.joint)!
    const justMade = dealt.filter(({ end, phase }) => end === at && phase === step.phase)
    const minutes =
      real.get(step.joint) ?? Math.min(joint.minutes, ...justMade.map((of) => handsAt(joints.get(of.joint), joint)))
    const [one, other] = joint.parts.filter((part) => !isHeld(question, part))
    if (one !== undefined && other !== undefined) together.tie(one, other)
    const handed = { ...step, start: at, end: at + minutes, pair: pair + 1 }
    free[pair] = handed.end
    dealt = [...dealt.filter(({ end }) => end >= at), handed]
    yield handed
  }
}

function handedOut(
  question: AssemblyQuestion,
  steps: readonly AssemblyStep[],
  { shutting, ...asked }: HandsAsked,
  inOrder: boolean,
): HandedStep[] {
  const early = steps.filter(({ phase }) => phase !== 'water off')
  const late = steps.filter(({ phase }) => phase === 'water off')
  const before = [...deal(question, early, { ...asked, from: 0, inOrder })]
  const from = Math.max(0, ...before.map(({ end }) => end)) + shutting
  return [...before, ...deal(question, late, { ...asked, from, inOrder })]
}

/**
 * The steps of an order as pairs of hands take them: nobody works on what another holds, and nobody solders where it
 * would hurt what another makes. More than one pair takes them in another order where that can be made too; and where
 * one pair is through no later, because a fitting stays hot for it, one pair makes it.
 *
 * @param steps an order that can be made
 * @remarks for instance: two tees of 30 minutes apart on the bench: done at 60 by one pair of hands, at 30 by two
 */
export function inHands(question: AssemblyQuestion, steps: readonly AssemblyStep[], asked: HandsAsked): HandedStep[] {
  const alone = handedOut(question, steps, { ...asked, pairs: 1 }, true)
  if (asked.pairs === 1) return alone
  const joints = new Map(question.joints.map((joint) => [joint.id, joint]))
  const freely = handedOut(question, steps, asked, false)
  const canBe = firstObstacle(
    question,
    freely.map(({ joint }) => joints.get(joint)!),
  )
  const ready = (of: readonly HandedStep[]) => Math.max(0, ...of.map(({ joint, end }) => end + joints.get(joint)!.wait))
  const shared = canBe === null ? freely : handedOut(question, steps, asked, true)
  return ready(shared) < ready(alone) ? shared : alone
}

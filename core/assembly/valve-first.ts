import type { AssemblyStep } from './phases'
import type { AssemblyJoint, AssemblyQuestion } from './question'
import { schedule, type Beside } from './schedule'
import { firstObstacle } from './stepwise'

/** The fittings that stand on existing pipe. */
const onExisting = ({ joints, fixed }: AssemblyQuestion): ReadonlySet<string> =>
  new Set(joints.flatMap(({ parts: [one, other] }) => (fixed.has(one) ? [other] : fixed.has(other) ? [one] : [])))

/**
 * For how long the water is off where each cut into existing pipe gets a shut-off first: behind it the rest is made while
 * the house has its water. A shut-off in place of a coupling, or on a tee's branch, is no joint more with the water off.
 *
 * @param real minutes that a step took, by joint
 * @returns minutes; null where nothing is left to make behind it, or where the rest cannot wait till then
 * @remarks for instance: two press joints of 10 on the old pipe and three behind them, 17 before and 15 after: 52 instead of 82
 */
export function offWithValveFirst(
  question: AssemblyQuestion,
  steps: readonly AssemblyStep[],
  real: ReadonlyMap<string, number>,
  beside: Beside,
): number | null {
  const byId = new Map(question.joints.map((joint) => [joint.id, joint]))
  const standing = onExisting(question)
  const isAtCut = ({ parts }: AssemblyJoint) => parts.some((part) => question.fixed.has(part) || standing.has(part))
  const jointOf = ({ joint }: AssemblyStep) => byId.get(joint)!
  const early = steps.filter(({ phase }) => phase !== 'water off')
  const off = steps.filter(({ phase }) => phase === 'water off')
  const first = off.filter((step) => isAtCut(jointOf(step)))
  const rest = off.filter((step) => !isAtCut(jointOf(step)))
  if (first.length === 0 || rest.length === 0) return null
  if (firstObstacle(question, [...early, ...first, ...rest].map(jointOf))) return null
  return schedule(question, [...early, ...first], real, beside).waterOff
}

import type { PlanJoint } from '../../pipework/planned'
import type { PlanCheck, SystemSubject } from '../rule'
import { atPlace, nodePlace } from '../rule'

/**
 * What the joint rules have against the joints of a run: each reservation once, with how many joints it holds for. The
 * rules themselves are in `join/rules`.
 */
export function jointChecks(subject: SystemSubject): PlanCheck[] {
  const found = new Map<string, { check: PlanCheck; first: PlanJoint; count: number }>()
  for (const joint of subject.joints) {
    for (const reason of joint.reasons) {
      if (reason.verdict === 'fits') continue
      const key = `${reason.rule} ${reason.message} ${JSON.stringify(reason.values)}`
      const known = found.get(key)
      if (known) known.count += 1
      else found.set(key, { count: 1, first: joint, check: atPlace(nodePlace(subject, joint.node), reason) })
    }
  }
  return [...found.values()].map(({ check, first, count }) => ({
    ...check,
    where: `${check.where}, joint ${first.number}${count > 1 ? ` and ${count - 1} more` : ''}`,
  }))
}

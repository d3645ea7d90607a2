import type { Entry } from '../log/entry'
import type { JointState, SiteState } from '../log/site-state'
import { timeKey } from '../log/time-key'
import type { StepId } from '../plan/progress'
import type { Plan } from '../plan/types'
import type { Message } from '../quantity/message'
import { recordSays } from './sayings'

/** A gap in a record: what it is, in which step it is filled, and at which joints. */
export interface Missing {
  readonly message: Message
  readonly step: StepId
  readonly joints: readonly string[]
}

const ringed = new Set(['crimp', 'clamp'])

/** Joints that nobody has looked at yet, while no test was ended either: what to ask about before they are covered. */
export function unseen({ joints, tests }: SiteState, behind: readonly string[]): string[] {
  if (Object.values(tests).some(({ ended }) => ended)) return []
  return behind.filter((id) => !joints[id]?.inspected)
}

/** What was covered before its joints were looked at, while no test had been ended either, and nobody said why. */
function coveredUnseen({ covered, joints, tests }: SiteState): Entry[] {
  const ended = Object.values(tests).flatMap(({ ended: of }) => (of ? [timeKey(of.at)] : []))
  return covered.filter(({ at, body }) => {
    if (body.why !== undefined) return false
    const then = timeKey(at)
    if (ended.some((test) => test <= then)) return false
    const behind = (body.joints as readonly string[] | undefined) ?? []
    return behind.some((id) => !joints[id]?.inspected || timeKey(joints[id].inspected.at) > then)
  })
}

/**
 * What a job lacks before it can be handed over, in the order of the work.
 *
 * @remarks for instance: two joints made of three, none looked at, no test: 1 not made, 2 not looked at, no test, not flushed
 */
export function missingOf(plan: Plan, state: SiteState): Missing[] {
  if (plan.joints.length === 0) return [{ message: recordSays('no joints'), step: 'route', joints: [] }]
  const those = (is: (of: JointState, method: string) => boolean) =>
    plan.joints.filter(({ id, method }) => is(state.joints[id]!, method)).map(({ id }) => id)
  const found: Missing[] = []
  const count = (message: 'unmade' | 'uninspected' | 'unsound' | 'changed' | 'no gauge', joints: string[]) => {
    if (joints.length > 0) found.push({ message: recordSays(message, { count: joints.length }), step: 'make', joints })
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
    'no gauge',
    those(({ made }, method) => made !== null && ringed.has(method) && made.body.gauge !== 'goes'),
  )
  for (const { label, missing } of state.parts)
    if (missing !== 0) found.push({ message: recordSays('inserts', { label, missing }), step: 'make', joints: [] })
  const tests = Object.values(state.tests).filter(({ begun, ended }) => begun && ended)
  const last = tests.toSorted((a, b) => (timeKey(a.ended!.at) < timeKey(b.ended!.at) ? -1 : 1)).at(-1)
  const prove = (message: 'no test' | 'leaks' | 'undecided' | 'not flushed') =>
    found.push({ message: recordSays(message), step: 'prove', joints: [] })
  if (!last) prove('no test')
  else if (last.ended!.body.verdict === 'leak') prove('leaks')
  else if (last.ended!.body.verdict === 'undecided') prove('undecided')
  if (!state.water.some(({ kind }) => kind === 'flushed')) prove('not flushed')
  for (const { body } of coveredUnseen(state))
    found.push({
      message: recordSays('covered', { where: String(body.where) }),
      step: 'make',
      joints: body.joints as readonly string[],
    })
  return found
}

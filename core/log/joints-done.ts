import type { JointsDone } from '../plan/progress'
import type { Plan } from '../plan/types'
import { unprovenCount, type JointProof } from './proven'
import type { SiteState, TestState } from './site-state'
import { timeKey } from './time-key'

const wordOf = ({ ended }: TestState): JointsDone['tested'] =>
  ended === null ? 'running' : ended.body.verdict === 'leak' ? 'leak' : 'ended'

/** How many of the planned joints are made, and inspected and sound; what the last test found. */
export function jointsDone(plan: Plan, state: SiteState, proofs: ReadonlyMap<string, JointProof>): JointsDone {
  const of = plan.joints.map(({ id }) => state.joints[id]!)
  const last = Object.values(state.tests)
    .filter(({ begun }) => begun !== null)
    .toSorted((a, b) => (timeKey(a.begun!.at) < timeKey(b.begun!.at) ? -1 : 1))
    .at(-1)
  return {
    made: of.filter(({ made }) => made).length,
    inspected: of.filter(({ inspected }) => inspected?.sound).length,
    all: of.length,
    unproven: unprovenCount(proofs),
    handedOver: state.handedOver !== null,
    ...(last ? { tested: wordOf(last) } : {}),
  }
}

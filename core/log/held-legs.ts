import { groupBy } from '../quantity/group-by'
import type { Plan } from '../plan/types'
import type { JointProof } from './proven'

/** The legs that have held a test since their joints were last made, both their ends. */
export function heldLegs({ joints }: Plan, proofs: ReadonlyMap<string, JointProof>): Set<string> {
  const isProven = (id: string) => 'by' in (proofs.get(id) ?? {})
  const byLeg = groupBy(
    joints.filter(({ leg }) => leg !== null),
    ({ leg }) => leg!,
  )
  return new Set([...byLeg].flatMap(([leg, of]) => (of.every(({ id }) => isProven(id)) ? [leg] : [])))
}

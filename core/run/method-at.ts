import type { MethodId } from '../methods/ids'
import type { Leg, Node } from '../job/job'
import { runOf, type System } from '../job/system'
import { namedFittingMethod, namedFittingAt } from './named-fitting'
import { chainLegs } from '../job/chain-legs'
import { armsChosen, chainChosen } from '../job/chosen'

/** The method at a node's chain of fittings: the first where it begins, else the last. */
function chainMethod({ legs }: System, node: Node, leg: Leg | undefined): MethodId | undefined {
  const chain = chainChosen(node)
  if (!chain) return undefined
  const { arriving } = chainLegs(
    node,
    legs.filter(({ from, to }) => from === node.id || to === node.id),
  )
  return chain.joints[leg && arriving?.id === leg.id ? 0 : 1]
}

/**
 * The method of the joint between a node and the pipe of a leg: where fittings change from one pipe to another, the
 * leg that the chain begins at is joined by the first method, and the one that goes on by the last.
 */
export function methodAt(system: System, node: Node, leg?: Leg): MethodId {
  const onArm = leg && namedFittingAt(node) ? armsChosen(node)[leg.id]?.method : undefined
  return (
    onArm ?? namedFittingMethod(node) ?? node.method ?? chainMethod(system, node, leg) ?? runOf(system, node).method
  )
}

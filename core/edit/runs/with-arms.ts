import { nameChosen } from '../../job/chosen'
import type { Node } from '../../job/job'

/**
 * A copied node with what stood on the arms of legs that were copied with it.
 *
 * @param legs the copies' ids, by those of the legs
 */
export function withArms(node: Node, legs: ReadonlyMap<string, string>): Node {
  const named = nameChosen(node)
  if (!named?.arms) return node
  const arms = Object.entries(named.arms).flatMap(([leg, arm]) => {
    const copy = legs.get(leg)
    return copy === undefined ? [] : [[copy, arm] as const]
  })
  return { ...node, fitting: { ...named, arms: Object.fromEntries(arms) } }
}

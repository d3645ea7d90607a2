import type { Layout } from './layout'
import { walk } from './walk'

/**
 * The nodes that a shut valve parts from where its run begins; none where a ring leads round it, or the run begins at it.
 *
 * @param valve id of its node
 * @remarks for instance: start, valve, elbow, outlet: the elbow and the outlet
 */
export function isolatedNodes({ system, arms }: Layout, valve: string): Set<string> {
  const start = system.nodes[0]?.id
  if (start === undefined || start === valve) return new Set()
  const reached = new Set<string>()
  for (const { node } of walk(arms, start, ({ from, to }) => from !== valve && to !== valve)) reached.add(node)
  // What no pipe joins to the start is not parted from it by this valve.
  const joined = new Set<string>()
  for (const { node } of walk(arms, valve)) joined.add(node)
  return new Set(system.nodes.flatMap(({ id }) => (id !== valve && joined.has(id) && !reached.has(id) ? [id] : [])))
}

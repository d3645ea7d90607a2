import type { Leg, Node } from './job'

/**
 * Which of the legs at a node its chain of fittings begins at, and which goes on from its last. A tie-in's chain begins at
 * the existing pipe; else the first leg that leads to the node comes first, where none does the first that leaves it.
 *
 * @param legs that meet there
 */
export function chainLegs(
  { id, kind }: Pick<Node, 'id' | 'kind'>,
  legs: readonly Leg[],
): { readonly arriving: Leg | undefined; readonly leaving: Leg | undefined } {
  const [first, second] = legs
  if (kind === 'tie-in') return { arriving: undefined, leaving: first }
  const arriving = legs.find(({ to }) => to === id) ?? (second && first)
  return { arriving, leaving: legs.find((leg) => leg !== arriving) }
}

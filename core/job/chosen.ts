import type { Arms, ChainChoice, NamedChoice, Node } from './job'

/** The fittings chosen for a node, one in the other; undefined where none were, or one was chosen by its name. */
export const chainChosen = ({ fitting }: Pick<Node, 'fitting'>): ChainChoice | undefined =>
  fitting?.by === 'chain' ? fitting : undefined

/** The fitting that was chosen for a node by its name, and what stands on its arms; undefined where none was. */
export const nameChosen = ({ fitting }: Pick<Node, 'fitting'>): NamedChoice | undefined =>
  fitting?.by === 'name' ? fitting : undefined

/** What stands between the fitting that was chosen by its name and the pipe of each leg. */
export const armsChosen = (node: Pick<Node, 'fitting'>): Arms => nameChosen(node)?.arms ?? {}

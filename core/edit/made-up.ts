import { movedInLine } from '../pipework/put-in-line'
import type { Catalogue } from '../catalogue/catalogue'
import { chainLengthOf } from '../catalogue/chain-length'
import type { Job, Leg, Node } from '../job/job'
import { systemOf, type System } from '../job/system'
import { chainLegs } from '../run/chain-legs'
import { unitVector } from '../run/direction'
import { withSystem } from './edit-run'

/** What of a node's chain stands beyond it: made-up pieces, and the fittings at the end of each. */
export interface MadeUpBeyond {
  readonly pieces: readonly Leg[]
  readonly nodes: readonly Node[]
  /** The leg that goes on from the last; undefined where none does. */
  readonly outer: Leg | undefined
}

const touching = ({ legs }: System, id: string): Leg[] => legs.filter(({ from, to }) => from === id || to === id)

/** The made-up pieces of a node's chain, outwards, as long as nothing was drawn from between them. */
export function madeUpBeyond(system: System, node: Node): MadeUpBeyond {
  const [pieces, nodes]: [Leg[], Node[]] = [[], []]
  let at = node
  let outer: Leg | undefined
  for (;;) {
    const { id: from } = at
    const piece = system.legs.find((leg) => leg.madeUp && leg.from === from)
    const next = system.nodes.find(({ id }) => id === piece?.to)
    const legs = next ? touching(system, next.id) : []
    const isRing = next === node || (next && nodes.includes(next))
    if (!piece || !next?.chain || legs.length > 2 || isRing) return { pieces, nodes, outer }
    pieces.push(piece)
    nodes.push(next)
    outer = legs.find((leg) => leg !== piece)
    at = next
  }
}

/** The whole chain of fittings that was chosen at a node, those at the end of its made-up pieces too. */
export function chosenChain(system: System, node: Node): Node['chain'] {
  const { nodes } = madeUpBeyond(system, node)
  const last = nodes.at(-1)?.chain
  if (!node.chain || !last) return node.chain
  const others = nodes.flatMap(({ chain }) => chain!.fittings)
  return { fittings: [...node.chain.fittings, ...others], joints: [node.chain.joints[0], last.joints[1]] }
}

/** The leg that comes after a node's whole chain, where pieces of it stand beyond the node; else the one itself. */
export const legBeyond = (system: System, node: Node, leg: Leg): Leg => {
  const { pieces, outer } = madeUpBeyond(system, node)
  return pieces[0] === leg ? (outer ?? leg) : leg
}

/**
 * The job without the made-up pieces of a node's chain and what stands at their ends: the node is back in the middle of
 * where they were, a tie-in where it was, and its two legs measure together what they did.
 */
export function withoutMadeUp(catalogue: Catalogue, job: Job, runId: string, nodeId: string): Job {
  const before = systemOf(job, runId)
  const node = before?.nodes.find(({ id }) => id === nodeId)
  if (!before || !node) return job
  const { pieces, nodes, outer } = madeUpBeyond(before, node)
  const [first, last] = [pieces[0], nodes.at(-1)]
  if (!first || !last) return job
  const gone = new Set([...pieces, ...nodes].map(({ id }) => id))
  const taken = pieces.reduce((sum, { length }) => sum + (length ?? 0), 0)
  const back = (leg: Leg): Leg => ({
    ...leg,
    [leg.from === last.id ? 'from' : 'to']: nodeId,
    length: leg.length === null ? null : Math.round((leg.length + taken) * 1000) / 1000,
  })
  const one: System = {
    ...before,
    nodes: before.nodes.filter(({ id }) => !gone.has(id)),
    legs: before.legs.flatMap((leg) => (gone.has(leg.id) ? [] : [leg === outer ? back(leg) : leg])),
  }
  const lengths = [node, last].map(({ chain }) => (chain && chainLengthOf(catalogue, chain.fittings)?.mm) ?? 0)
  const on = unitVector(first.direction)
  const middle = (taken + lengths[1]! / 2 - lengths[0]! / 2) / 2
  const moved =
    node.kind === 'tie-in' ? one : movedInLine(one, node, middle, on, chainLegs(node, touching(one, nodeId)))
  return withSystem(job, runId, () => moved ?? one)
}

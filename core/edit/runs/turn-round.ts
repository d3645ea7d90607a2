import type { Job, Leg, Node } from '../../job/job'
import type { System } from '../../job/system'
import { chainLegs } from '../../job/chain-legs'
import { layOut } from '../../run/layout'
import { oppositeDirection } from '../../job/direction'
import { withSystem } from '../edit-run'
import { chainChosen } from '../../job/chosen'

/** A leg drawn from its other end: it lies where it lay, with its joists and its free ends. */
function turned(leg: Leg): Leg {
  const { free, fixings, length } = leg
  return {
    ...leg,
    from: leg.to,
    to: leg.from,
    direction: oppositeDirection(leg.direction),
    ...(free ? { free: { start: free.end, end: free.start } } : {}),
    ...(fixings && length !== null
      ? {
          fixings: {
            ...fixings,
            offset: (((length - fixings.offset) % fixings.spacing) + fixings.spacing) % fixings.spacing,
          },
        }
      : {}),
  }
}

/** A node whose chain begins at the same leg's pipe as before its legs were turned. */
function keepingChain(node: Node, before: readonly Leg[], after: readonly Leg[]): Node {
  const chain = chainChosen(node)
  if (!chain) return node
  const [was, is] = [chainLegs(node, before).arriving, chainLegs(node, after).arriving]
  if (was?.id === is?.id) return node
  const [first, last] = chain.joints
  return { ...node, fitting: { ...chain, fittings: chain.fittings.toReversed(), joints: [last, first] } }
}

/**
 * The job with legs drawn from their other ends: nothing moves, and what leads to a fitting leads away from it. Fittings
 * that were chosen between two pipes stay between the same two.
 *
 * @remarks for instance: a leg drawn from a mixer to the hot supply: it then leads hot water to the mixer
 */
export function turnLegs(job: Job, runId: string, legIds: readonly string[]): Job {
  const chosen = new Set(legIds)
  return withSystem(job, runId, ({ nodes, legs }) => {
    const after = legs.map((leg) => (chosen.has(leg.id) ? turned(leg) : leg))
    const at = (id: string, of: readonly Leg[]) => of.filter(({ from, to }) => from === id || to === id)
    return { legs: after, nodes: nodes.map((node) => keepingChain(node, at(node.id, legs), at(node.id, after))) }
  })
}

/** By how much higher a system's places stand that are reckoned from another first node. */
function raisedBy(before: System, after: System): number {
  if (before.nodes.some(({ at }) => at !== undefined)) return 0
  return layOut(before).places.get(after.nodes[0]?.id ?? '')?.[2] ?? 0
}

/** The job with all legs of a run drawn from their other ends, the last one first: it starts where it ended. */
export function turnRun(job: Job, runId: string): Job {
  const own = job.legs.filter(({ run }) => run === runId).map(({ id }) => id)
  const round = turnLegs(job, runId, own)
  return withSystem(round, runId, (system) => {
    const backwards = <Item extends { readonly run: string }>(items: readonly Item[]): Item[] => {
      const theirs = items.filter(({ run }) => run === runId).toReversed()
      return items.map((item) => (item.run === runId ? theirs.shift()! : item))
    }
    const [nodes, legs] = [backwards(system.nodes), backwards(system.legs)]
    // A fixed height is told from where the run starts.
    const raised = raisedBy(system, { ...system, nodes })
    return {
      legs,
      nodes: nodes.map((node) => (node.height === undefined ? node : { ...node, height: node.height - raised })),
    }
  })
}

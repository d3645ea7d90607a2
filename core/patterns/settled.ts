import type { Catalogue } from '../catalogue/catalogue'
import { chooseChain } from '../edit/existing/edit-tie-in'
import { putNewPipeIn } from '../edit/existing/cut-into'
import { bestIn, joinLegs } from '../edit/runs/change-pipe'
import { setNode } from '../edit/edit-run'
import { outletFor } from '../edit/lead-to'
import type { Ids } from '../edit/ids'
import type { Job, Leg, Node } from '../job/job'
import { nameChosen } from '../job/chosen'
import { pipeIdIn } from '../job/leg-defaults'
import { runOf, systemsOf, type System } from '../job/system'
import { layOut, type Layout } from '../run/layout'
import { methodOf } from '../run/named-fitting'
import { cutInsOf } from '../pipework/cut-ins'
import { pipeEnds } from '../pipework/pipe-ends'
import { chosenByName, type NamedFitting } from '../pipework/take-off/named-fittings'
import { shapeFitting } from '../pipework/take-off/shape-fitting'
import { usableFittings } from '../pipework/take-off/usable-fittings'
import type { Costs } from '../workshop/costs'

/** Of what can stand at a node, the one that takes the pipe that is there as it is said, and needs least on its arms. */
function best(found: readonly NamedFitting[], method: string | undefined): NamedFitting | undefined {
  const isSaid = ({ named }: NamedFitting) => (methodOf(named) === method ? 0 : 1)
  const arms = (of: NamedFitting) => Object.values(of.arms).reduce((sum, { fittings }) => sum + fittings.length, 0)
  return found.toSorted((a, b) => isSaid(a) - isSaid(b) || arms(a) - arms(b))[0]
}

const materialOf = (catalogue: Catalogue, { system }: Layout, leg: Leg): string | undefined =>
  catalogue.pipe(pipeIdIn(system, leg))?.material

/** What a node needs so that something made stands there. */
function settledNode(catalogue: Catalogue, layout: Layout, node: Node): Partial<Node> {
  const chosen = nameChosen(node)
  if (node.kind === 'in-line' && chosen) {
    const found = usableFittings(catalogue, layout, node).find(({ named }) => named.id === chosen.name)
    return found ? { fitting: chosenByName(found) } : {}
  }
  if (node.kind === 'outlet') return node.fixture ? outletFor(catalogue, layout, node) : {}
  const pipes = new Set((layout.arms.get(node.id) ?? []).map(({ leg }) => materialOf(catalogue, layout, leg)))
  if (pipes.size === 1 && shapeFitting(catalogue, layout, node)) return {}
  const found = best(usableFittings(catalogue, layout, node), runOf(layout.system, node).method)
  return found ? { fitting: chosenByName(found) } : {}
}

/** The pipes that a tie-in or an adapter brings together, where they differ. */
function pipesAt(system: System, layout: Layout, node: Node): readonly [string, string] | null {
  const [one, other] = (layout.arms.get(node.id) ?? []).map(({ leg }) => pipeIdIn(system, leg))
  const pair = node.kind === 'tie-in' ? [node.existing, one] : node.kind === 'adapter' ? [one, other] : []
  return pair[0] && pair[1] && pair[0] !== pair[1] ? [pair[0], pair[1]] : null
}

/**
 * The job with a fitting that is made at each node where its shape tells none: what joins unlike pipes, what takes an
 * outlet's fixture, and new pipe beside a fitting that cannot be sprung in.
 */
export function settled(catalogue: Catalogue, drawn: Job, ids: Ids, costs: Costs): Job {
  let job = drawn
  for (const system of systemsOf(drawn)) {
    const layout = layOut(system)
    for (const node of system.nodes) {
      const run = runOf(system, node)
      const pipes = pipesAt(system, layout, node)
      if (pipes) {
        const [from, to] = pipes
        const chains = joinLegs(catalogue, job, { run, from, to }, costs)?.chains ?? []
        const chain = bestIn([run.method, run.method], chains)
        if (chain) job = chooseChain(job, run.id, node.id, chain)
      } else if (node.kind !== 'tie-in' && node.kind !== 'open') {
        job = setNode(job, run.id, node.id, settledNode(catalogue, layout, node))
      }
    }
  }
  return withSlipCouplings(catalogue, job, ids)
}

/** New pipe and slip couplings where a fitting stands between two held ends that give less than they must. */
function withSlipCouplings(catalogue: Catalogue, job: Job, ids: Ids): Job {
  return systemsOf(job).reduce((drawn, system) => {
    const layout = layOut(system)
    const held = cutInsOf(catalogue, { layout, ends: pipeEnds({ catalogue, layout }) })
    return held
      .filter(({ playNeeded, play }) => playNeeded !== null && play !== null && play < playNeeded)
      .reduce((of, { run, node }) => putNewPipeIn(catalogue, of, ids, { runId: run, nodeId: node }), drawn)
  }, job)
}

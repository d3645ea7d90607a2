import type { Catalogue } from '../catalogue/catalogue'
import { fixtureOf, hoseBetween, type Fixture } from '../catalogue/fixture'
import { meetingOfEnds, type FittingEnd, type FittingKind, type ThreadEnd } from '../catalogue/fitting'
import { chooseChain } from '../edit/existing/edit-tie-in'
import { putNewPipeIn } from '../edit/existing/cut-into'
import { joinLegs } from '../edit/runs/change-pipe'
import { setNode } from '../edit/edit-run'
import type { Ids } from '../edit/ids'
import type { Job, Leg, Node } from '../job/job'
import { pipeIdIn } from '../job/leg-defaults'
import { runOf, systemsOf, type System } from '../job/system'
import { layOut, type Layout } from '../run/layout'
import { methodOf, takesPipe } from '../run/named-fitting'
import { cutInsOf } from '../pipework/cut-ins'
import { pipeEnds } from '../pipework/pipe-ends'
import { chosenByName, type NamedFitting } from '../pipework/take-off/named-fittings'
import { shapeFitting } from '../pipework/take-off/shape-fitting'
import { usableFittings } from '../pipework/take-off/usable-fittings'
import type { MethodId } from '../methods/ids'
import type { Costs } from '../workshop/costs'

/** What an outlet is mostly made of: in line on a tail, fixed to the wall where the fixture hangs on it. */
function outletKinds({ onWall }: Fixture, { sex, form }: ThreadEnd): readonly FittingKind[] {
  if (sex === 'F') return form === 'taper' ? ['radiator valve', 'adapter'] : ['adapter']
  if (form === 'parallel') return ['swivel connector']
  return onWall ? ['drop-ear elbow', 'adapter'] : ['adapter']
}

/** The ends of an outlet that no pipe goes into. */
const outletEnds = ({ named }: NamedFitting): FittingEnd[] => named.ends.filter((_, index) => !takesPipe(named, index))

/** The fittings that meet a fixture's thread straight: of the usual kind first, then by the run's own method. */
function straightTo(
  found: readonly NamedFitting[],
  fixture: Fixture,
  thread: ThreadEnd,
  own: MethodId,
): NamedFitting[] {
  const kinds = outletKinds(fixture, thread)
  const rank = ({ named }: NamedFitting) => kinds.indexOf(named.kind) * 2 + (methodOf(named) === own ? 0 : 1)
  return found
    .filter(({ named }) => kinds.includes(named.kind))
    .filter((of) => outletEnds(of).some((end) => meetingOfEnds(end, thread) !== null))
    .toSorted((a, b) => rank(a) - rank(b))
}

/** What a stop's outlet mostly is: 3/8 for a supply tube, else a thread. */
const outletRank = (end: FittingEnd): number => (end.type === 'thread' ? 1 : end.socket.size === '3/8' ? 0 : 2)

/** The stops from which a hose leads there: the usual outlet first, then by the run's own method. */
function stopsFor(found: readonly NamedFitting[], thread: ThreadEnd, own: MethodId): NamedFitting[] {
  const rank = (of: NamedFitting) =>
    Math.min(...outletEnds(of).map(outletRank)) * 2 + (methodOf(of.named) === own ? 0 : 1)
  return found
    .filter(({ named }) => named.kind === 'angle stop')
    .filter((of) => outletEnds(of).some((end) => hoseBetween(end, thread) !== null))
    .toSorted((a, b) => rank(a) - rank(b))
}

/** What an outlet becomes to meet its fixture: straight, else by a hose from a stop. */
function outletFor(catalogue: Catalogue, layout: Layout, node: Node): Partial<Node> {
  const { kind, made, end, hose } = node.fixture!
  const fixture = fixtureOf(kind, made)
  const thread = fixture?.ends.find(({ id }) => id === end)?.thread
  if (!fixture || !thread) return {}
  const found = usableFittings(catalogue, layout, node)
  const own = runOf(layout.system, node).method
  const [straight] = hose ? [] : straightTo(found, fixture, thread, own)
  if (straight) return { fitting: chosenByName(straight) }
  const [stop] = stopsFor(found, thread, own)
  return stop ? { fitting: chosenByName(stop), fixture: { ...node.fixture!, hose: true } } : {}
}

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
        const [chain] = joinLegs(catalogue, job, { run, from, to }, costs)?.chains ?? []
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

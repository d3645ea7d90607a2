import type { Ids } from '../ids'
import { bendLengths } from '../../bend/geometry'
import type { Catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import { profileWith } from '../../workshop/profile'
import type { Costs } from '../../workshop/costs'
import { splitLeg } from '../legs/edit-leg'
import { methodFor } from './choose-pipe'
import { setLeg, withSystem } from '../edit-run'
import { chooseChain } from '../existing/edit-tie-in'
import type { Job, Leg, Node, Run } from '../../job/job'
import { serviceIn, pipeIdIn } from '../../job/leg-defaults'
import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { join, type JoinAnswer } from '../../join/join'
import { methodAt } from '../../run/method-at'
import { bendAngle, layOut } from '../../run/layout'
import { branchFrom, setPipeFrom } from './part'
import { type System, systemOf, runOf, drawnLength } from '../../job/system'

const refuse = refusalsOf({
  id: 'change-pipe',
  messages: { short: fixed('Leg: too short for what joins the two pipes; make it longer first') },
})

/** Two pipes that are to be joined, by their ids, and the run under whose circumstances. */
interface LegsJoined {
  readonly run: Run
  readonly from: string
  readonly to: string
  /** The run's, where nothing is said. */
  readonly service?: Run['service']
}

/** What joins the pipe of one leg to that of another. */
export function joinLegs(
  catalogue: Catalogue,
  job: Job,
  { run, from, to, service = run.service }: LegsJoined,
  costs: Costs,
): JoinAnswer | null {
  const [a, b] = [catalogue.pipe(from), catalogue.pipe(to)]
  if (!a || !b) return null
  const request = {
    service,
    place: { ...job.place, ...run.place },
    conditionA: {},
    conditionB: {},
    profile: job.profile,
    changes: job.own?.changes,
    tools: job.tools,
  }
  return join(catalogue, { a, b }, request, costs)
}

/** From the centre of a fitting that turns or branches to the adapter put in beyond it, in mm; typical, moved as wanted. */
const stub = 100

/** Whether the fitting at a node is made in two sizes, and takes the new pipe beside the old one by its own method. */
function takesBoth(catalogue: Catalogue, system: System, node: Node, pipes: readonly string[]): boolean {
  if (node.kind !== 'tee' && node.kind !== 'elbow') return false
  const method = methodAt(system, node)
  return pipes.every((id) => {
    const pipe = catalogue.pipe(id)
    return pipe !== undefined && catalogue.socketFor(method, pipe) !== undefined
  })
}

/** Fittings that pipe turns or branches at: what joins two kinds of pipe stands beside them. */
const turning: ReadonlySet<Node['kind']> = new Set(['tee', 'elbow', 'bend', 'valve', 'in-line', 'union'])

/** A pulled bend takes its set-back of the leg before straight pipe begins, in mm; nothing at a fitting. */
function setBackAt(system: System, { id, kind, radius }: Node): number {
  const angle = bendAngle(layOut(system).arms.get(id) ?? [])
  return kind === 'bend' && radius && angle ? bendLengths(radius, angle).setBack : 0
}

/** The adapter at which the pipe changes, put into the leg where the fitting before it cannot take both pipes. */
function adapterBefore(
  catalogue: Catalogue,
  job: Job,
  ids: Ids,
  { system, leg, before }: { readonly system: System; readonly leg: Leg; readonly before: string },
): { job: Job; node: string } {
  const node = system.nodes.find(({ id }) => id === leg.from)
  const pipe = pipeIdIn(system, leg)
  if (node?.kind === 'adapter' || node?.kind === 'reducer') return { job, node: node.id }
  if (!node || !turning.has(node.kind) || takesBoth(catalogue, system, node, [before, pipe])) return { job, node: '' }
  const out = stub + setBackAt(system, node)
  if (drawnLength(leg) <= out + stub) throw refuse('short')
  const split = splitLeg(job, ids, leg.run, { legId: leg.id, at: out, kind: 'adapter' })
  return {
    job: setLeg(split.job, leg.run, leg.id, { pipe: before === runOf(system, leg).pipe ? undefined : before }),
    node: split.node,
  }
}

/** The best chain that no rule refuses: of those at hand one that is joined as the pipe on either side is, at most ends first. */
export function bestIn(
  methodsBeside: readonly [MethodId, MethodId],
  chains: JoinAnswer['chains'],
): JoinAnswer['chains'][number] | undefined {
  const asTheRun = ({ joints }: JoinAnswer['chains'][number]) =>
    [joints[0], joints.at(-1)].filter((joint, at) => joint?.method === methodsBeside[at]).length
  return chains.filter(({ verdict }) => verdict !== 'refuse').toSorted((a, b) => asTheRun(b) - asTheRun(a))[0]
}

/** A method that a pipe takes in a run, where another is in use there. */
const methodIn = (
  catalogue: Catalogue,
  job: Job,
  run: Run,
  { pipe, wanted }: { readonly pipe: string; readonly wanted: MethodId },
): MethodId => {
  const found = catalogue.pipe(pipe)
  if (!found) return wanted
  return methodFor(catalogue, found, wanted, {
    service: run.service,
    place: { ...job.place, ...run.place },
    profile: profileWith(job.profile, job.own?.changes),
    tools: job.tools,
  })
}

/** The job in which the fittings beyond a leg are joined by a method that its pipe takes: as the run is, where it takes that. */
function withMethodFrom(
  catalogue: Catalogue,
  job: Job,
  { runId, legId, pipe }: { readonly runId: string; readonly legId: string; readonly pipe: string },
): Job {
  const system = systemOf(job, runId)!
  const { nodes } = branchFrom(system, legId)
  return withSystem(job, runId, (of) => ({
    legs: of.legs,
    nodes: of.nodes.map((node) => {
      if (!nodes.has(node.id)) return node
      const run = runOf(system, node)
      const method = methodIn(catalogue, job, run, { pipe, wanted: node.method ?? run.method })
      const own = method === run.method ? undefined : method
      return own === node.method ? node : { ...node, method: own }
    }),
  }))
}

/** Another pipe, by its id, from a leg of a run on. */
interface PipeChange {
  readonly run: string
  readonly leg: string
  readonly pipe: string
}

/**
 * The job with another pipe in a leg and all that hangs on it, and what joins it to the pipe before filled in: the best
 * chain of fittings that no rule refuses, in the run's own method where there is one; what hangs on it is joined by a
 * method that the pipe takes. A tee or elbow that takes both in
 * sizes of its own method stays, reduced; beside one that cannot, and beside a bend or valve, an adapter stands a little
 * way out.
 *
 * @throws RangeError when the leg is too short for an adapter in it
 * @remarks for instance: 16 multilayer in the branch of a soldered 22 tee: 100 mm of copper, a chain of adapters, then multilayer
 */
export function changePipe(
  { catalogue, costs }: { readonly catalogue: Catalogue; readonly costs: Costs },
  job: Job,
  ids: Ids,
  { run: runId, leg: legId, pipe }: PipeChange,
): Job {
  const before = systemOf(job, runId)!
  const leg = before.legs.find(({ id }) => id === legId)
  if (!leg) return job
  const arriving = before.legs.find(({ to }) => to === leg.from)
  const from = pipeIdIn(before, arriving ?? leg)
  const changed = withMethodFrom(catalogue, setPipeFrom(job, runId, legId, pipe), { runId, legId, pipe })
  if (pipe === from || !arriving) return changed
  const system = systemOf(changed, runId)!
  const run = runOf(system, leg)
  const { job: adapted, node } = adapterBefore(catalogue, changed, ids, {
    system,
    leg: system.legs.find(({ id }) => id === legId)!,
    before: from,
  })
  if (node === '') return adapted
  const chains =
    joinLegs(catalogue, adapted, { run, from, to: pipe, service: serviceIn(system, leg) }, costs)?.chains ?? []
  const best = bestIn([run.method, methodIn(catalogue, job, run, { pipe, wanted: run.method })], chains)
  return best ? chooseChain(adapted, runId, node, best) : adapted
}

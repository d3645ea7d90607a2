import type { KeptFixture } from '../catalogue/own-fixture'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { Job, Leg, Node, Run } from './job'

/**
 * Runs whose legs hang together: laid out, drained and tested as one. A branch in another pipe, or hot beside cold on a
 * mixer, is a run of its own in the same system.
 */
export interface System {
  /** Of the first of its runs. */
  readonly id: string
  readonly runs: readonly Run[]
  /** In the order of the job; the first is the start. */
  readonly nodes: readonly Node[]
  readonly legs: readonly Leg[]
  /** Things of one's own that its job's outlets lead to. */
  readonly fixtures: readonly KeptFixture[]
}

/** How long a leg is drawn whose length does not matter, or of two fittings that are still to be chosen, in mm. */
const drawnWhereUnmeasured = 500
const drawnWithoutPipe = 50

/** A leg from centre to centre as it is drawn, in mm: where its length does not matter, any will do. */
export const drawnLength = ({ length, state }: Pick<Leg, 'length' | 'state'>): number =>
  length ?? (state === 'no pipe' ? drawnWithoutPipe : drawnWhereUnmeasured)

const found = new WeakMap<Job, readonly System[]>()

function findSystems({ runs, nodes, legs, fixtures = [] }: Job): System[] {
  const sets = new DisjointSets()
  const runOfNode = new Map(nodes.map(({ id, run }) => [id, run]))
  for (const { run, from, to } of legs)
    for (const end of [from, to]) {
      const other = runOfNode.get(end)
      if (other !== undefined) sets.tie(run, other)
    }
  const byRoot = new Map<string, { id: string; runs: Run[]; nodes: Node[]; legs: Leg[] }>()
  for (const run of runs) {
    const root = sets.root(run.id)
    const known = byRoot.get(root)
    if (known) known.runs.push(run)
    else byRoot.set(root, { id: run.id, runs: [run], nodes: [], legs: [] })
  }
  for (const node of nodes) byRoot.get(sets.root(node.run))?.nodes.push(node)
  for (const leg of legs) byRoot.get(sets.root(leg.run))?.legs.push(leg)
  return [...byRoot.values()].map((of) => ({ ...of, fixtures }))
}

/** The systems of a job, in the order of their first runs. Looked up often between two changes, so found once for each job. */
export function systemsOf(job: Job): readonly System[] {
  const known = found.get(job) ?? findSystems(job)
  found.set(job, known)
  return known
}

/** A job in which one of its systems has other nodes and legs. */
export function withChanged(job: Job, system: System, { nodes, legs }: Pick<System, 'nodes' | 'legs'>): Job {
  const changed = systemsOf(job).map((known) => (known === system ? { nodes, legs } : known))
  return { ...job, nodes: changed.flatMap((of) => of.nodes), legs: changed.flatMap((of) => of.legs) }
}

/** The system that a run belongs to; undefined where there is no such run. */
export const systemOf = (job: Job, run: string): System | undefined =>
  systemsOf(job).find(({ runs }) => runs.some(({ id }) => id === run))

/** The run that a node or a leg of a system belongs to. */
export const runOf = ({ runs }: System, { run }: { readonly run: string }): Run =>
  runs.find(({ id }) => id === run) ?? runs[0]!

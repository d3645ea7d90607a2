import type { Ids } from './ids'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { Direction, Job, Leg, Node, Run } from '../job/job'
import { isRunEnd, legsAtNode } from '../job/node-legs'
import { type System, systemOf, withChanged } from '../job/system'
import { oppositeDirection } from '../job/direction'
import { needLegLength } from './legs/leg-length'
import { chainChosen } from '../job/chosen'
import { asKind } from './as-kind'

/** The job with the nodes and legs of one of its systems changed: that of a run. */
export function withSystem(job: Job, run: string, change: (system: System) => Pick<System, 'nodes' | 'legs'>): Job {
  const system = systemOf(job, run)
  return system ? withChanged(job, system, change(system)) : job
}

export function setRun(job: Job, id: string, change: Partial<Omit<Run, 'id'>>): Job {
  return { ...job, runs: job.runs.map((run) => (run.id === id ? { ...run, ...change } : run)) }
}

/** The job without a run. Where other runs go on from it, what stands there stays, and is theirs. */
export function removeRun(job: Job, id: string): Job {
  const legs = job.legs.filter(({ run }) => run !== id)
  const lost = new Set(job.legs.flatMap(({ run, from, to }) => (run === id ? [from, to] : [])))
  const nodes = job.nodes.flatMap((node): Node[] => {
    const run = node.run === id ? legs.find((leg) => touches(leg, node.id))?.run : node.run
    return run === undefined ? [] : [{ ...(lost.has(node.id) ? leftOver(node, legs) : node), run }]
  })
  return { ...job, runs: job.runs.filter((run) => run.id !== id), nodes, legs }
}

const withNode = (job: Job, runId: string, nodeId: string, change: (node: Node) => Node): Job =>
  withSystem(job, runId, ({ nodes, legs }) => ({
    legs,
    nodes: nodes.map((node) => (node.id === nodeId ? change(node) : node)),
  }))

export const setNode = (job: Job, runId: string, nodeId: string, change: Partial<Omit<Node, 'id' | 'kind'>>): Job =>
  withNode(job, runId, nodeId, (node) => ({ ...node, ...change }))

/** The job with something else at a node, and what is said of that. What was chosen for the one before is gone with it. */
export const setKind = (
  job: Job,
  runId: string,
  nodeId: string,
  { kind, ...change }: Pick<Node, 'kind'> & Partial<Omit<Node, 'id'>>,
): Job => withNode(job, runId, nodeId, (node) => ({ ...asKind(node, kind), ...change }))

export function setLeg(job: Job, runId: string, legId: string, change: Partial<Omit<Leg, 'id'>>): Job {
  if (typeof change.length === 'number') needLegLength(change.length)
  return withSystem(job, runId, ({ nodes, legs }) => ({
    nodes,
    legs: legs.map((leg) => (leg.id === legId ? { ...leg, ...change } : leg)),
  }))
}

const touches = ({ from, to }: Leg, node: string): boolean => from === node || to === node

/** What a fitting of several legs becomes where one of them is gone and nothing goes on: an open end. */
const leftOver = (node: Node, legs: readonly Leg[]): Node =>
  legsAtNode[node.kind] > 1 && legs.filter((leg) => touches(leg, node.id)).length < 2 ? asKind(node, 'open') : node

/** The leg that one drawn on from a node goes on from: the one that leads there, else the first that meets it. */
export const legBefore = ({ legs }: System, node: string): Leg | undefined =>
  legs.find(({ to }) => to === node) ?? legs.find((leg) => touches(leg, node))

/** The method at the end of a leg in pipe of its own, as at the fitting that it goes on from. */
const methodGoingOn = (node: Node): Node['method'] => node.method ?? chainChosen(node)?.joints[1]

/**
 * What a new leg has of the one that it goes on from: its run, its service, and its pipe where that is new pipe too. What
 * comes out of a mixer is as the run says.
 */
export function goingOn(system: System, { id, kind, run }: Node): Pick<Leg, 'run' | 'pipe' | 'service'> {
  const before = legBefore(system, id)
  return {
    run: before?.run ?? run,
    ...(before?.pipe && before.state === undefined ? { pipe: before.pipe } : {}),
    ...(before?.service && kind !== 'mixer' ? { service: before.service } : {}),
  }
}

const sameDirection = (a: Direction, b: Direction): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What an end becomes when pipe goes on from it: straight on a coupling, otherwise an elbow. */
export function continuedFrom(system: System, node: Node, direction: Direction): Node {
  const arm = system.legs.find(({ from, to }) => to === node.id || from === node.id)
  if (!arm || !isRunEnd(node.kind)) return node
  const arriving = arm.to === node.id ? arm.direction : oppositeDirection(arm.direction)
  return asKind(node, sameDirection(arriving, direction) ? 'coupling' : 'elbow')
}

/**
 * The job with one more leg from a node to a new open end, in the run, pipe and service of the one that it goes on from.
 * An open end that pipe goes on from becomes an elbow, or a coupling where it goes straight on.
 *
 * @returns the job, and the new end
 */
export function addLeg(
  job: Job,
  ids: Ids,
  runId: string,
  { from, direction, length }: { readonly from: string; readonly direction: Direction; readonly length: number },
): { job: Job; node: string; leg: string } {
  const system = systemOf(job, runId)
  const start = system?.nodes.find(({ id }) => id === from)
  if (!system || !start) return { job, node: from, leg: '' }
  const node = ids('n', job.nodes)
  const leg = ids('l', job.legs)
  const on = goingOn(system, start)
  const method = on.pipe === undefined ? undefined : methodGoingOn(start)
  return {
    job: withSystem(job, runId, ({ nodes, legs }) => ({
      nodes: [
        ...nodes.map((known) => (known === start ? continuedFrom(system, known, direction) : known)),
        { id: node, run: on.run, kind: 'open', ...(method ? { method } : {}) },
      ],
      legs: [...legs, { ...on, id: leg, from, to: node, direction, length: needLegLength(length) }],
    })),
    node,
    leg,
  }
}

/** The nodes that hang together with one of them. */
function together(legs: readonly Leg[], start: string): Set<string> {
  const sets = new DisjointSets()
  for (const { from, to } of legs) sets.tie(from, to)
  const ends = legs.flatMap(({ from, to }) => [from, to])
  return new Set([start, ...ends.filter((id) => sets.root(id) === sets.root(start))])
}

/**
 * The job without a leg and all that hung on the run by it alone. What stays at either end becomes an open end where
 * nothing else goes on.
 */
export function removeLeg(job: Job, runId: string, legId: string): Job {
  return withSystem(job, runId, (system) => {
    const leg = system.legs.find(({ id }) => id === legId)
    if (!leg) return system
    const start = system.nodes[0]!.id
    const whole = together(system.legs, leg.from)
    const others = system.legs.filter(({ id }) => id !== legId)
    const kept = together(others, whole.has(start) ? start : leg.from)
    const isGone = (id: string): boolean => whole.has(id) && !kept.has(id)
    const legs = others.filter(({ from }) => !isGone(from))
    const nodes = system.nodes
      .filter(({ id }) => !isGone(id))
      .map((node) => (node.id !== start && touches(leg, node.id) ? leftOver(node, legs) : node))
    return { nodes, legs }
  })
}

/** A job whose work is at an address; an empty one is taken away. */
export const setAddress = ({ address: _, ...job }: Job, address: string): Job =>
  address.trim() === '' ? job : { ...job, address: address.trim().slice(0, 200) }

import type { Ids } from './ids'
import { DisjointSets } from '../quantity/disjoint-sets'
import type { Axis, Direction, Job, Leg, Node, Run } from '../job/job'
import { isRunEnd, legsAtNode } from '../job/node-legs'

/** The job with one of its runs changed. */
export const withRun = (job: Job, id: string, change: (run: Run) => Run): Job => ({
  ...job,
  runs: job.runs.map((run) => (run.id === id ? change(run) : run)),
})

export function setRun(job: Job, id: string, change: Partial<Omit<Run, 'id' | 'nodes' | 'legs'>>): Job {
  return withRun(job, id, (run) => ({ ...run, ...change }))
}

export function removeRun(job: Job, id: string): Job {
  return { ...job, runs: job.runs.filter((run) => run.id !== id) }
}

export function setNode(job: Job, runId: string, nodeId: string, change: Partial<Omit<Node, 'id'>>): Job {
  return withRun(job, runId, (run) => ({
    ...run,
    nodes: run.nodes.map((node) => (node.id === nodeId ? { ...node, ...change } : node)),
  }))
}

export function setLeg(job: Job, runId: string, legId: string, change: Partial<Omit<Leg, 'id'>>): Job {
  return withRun(job, runId, (run) => ({
    ...run,
    legs: run.legs.map((leg) => (leg.id === legId ? { ...leg, ...change } : leg)),
  }))
}

const opposites: Readonly<Record<Axis, Axis>> = {
  east: 'west',
  west: 'east',
  north: 'south',
  south: 'north',
  up: 'down',
  down: 'up',
}

/** The direction back along a leg. */
export function oppositeDirection(direction: Direction): Direction {
  if (typeof direction === 'string') return opposites[direction]
  return { bearing: (direction.bearing + 180) % 360, pitch: -direction.pitch }
}

const sameDirection = (a: Direction, b: Direction): boolean => JSON.stringify(a) === JSON.stringify(b)

/** What an end becomes when pipe goes on from it: straight on a coupling, otherwise an elbow. */
export function goneOnFrom(run: Run, node: Node, direction: Direction): Node {
  const arm = run.legs.find(({ from, to }) => to === node.id || from === node.id)
  if (!arm || !isRunEnd(node.kind)) return node
  const arriving = arm.to === node.id ? arm.direction : oppositeDirection(arm.direction)
  // What was chosen by its name for an end does not take pipe on both sides.
  const { fitting: _, ...plain } = node
  return { ...plain, kind: sameDirection(arriving, direction) ? 'coupling' : 'elbow' }
}

/**
 * The job with one more leg from a node to a new open end. An open end that pipe goes on from becomes an elbow,
 * or a coupling where it goes straight on.
 *
 * @returns the job, and the new end
 */
export function addLeg(
  job: Job,
  ids: Ids,
  runId: string,
  from: string,
  direction: Direction,
  length: number,
): { job: Job; node: string; leg: string } {
  const run = job.runs.find(({ id }) => id === runId)
  if (!run) return { job, node: from, leg: '' }
  const node = ids('n', run.nodes)
  const leg = ids('l', run.legs)
  const nodes = run.nodes.map((known) => (known.id === from ? goneOnFrom(run, known, direction) : known))
  return {
    job: withRun(job, runId, () => ({
      ...run,
      nodes: [...nodes, { id: node, kind: 'open' }],
      legs: [...run.legs, { id: leg, from, to: node, direction, length }],
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
  return withRun(job, runId, (run) => {
    const leg = run.legs.find(({ id }) => id === legId)
    if (!leg) return run
    const start = run.nodes[0]!.id
    const whole = together(run.legs, leg.from)
    const others = run.legs.filter(({ id }) => id !== legId)
    const kept = together(others, whole.has(start) ? start : leg.from)
    const isGone = (id: string): boolean => whole.has(id) && !kept.has(id)
    const legs = others.filter(({ from }) => !isGone(from))
    const goesOn = (id: string): boolean => legs.filter(({ from, to }) => from === id || to === id).length > 1
    const isLeftOver = ({ id, kind }: Node): boolean =>
      (id === leg.from || id === leg.to) && id !== start && legsAtNode[kind] > 1 && !goesOn(id)
    const nodes = run.nodes
      .filter(({ id }) => !isGone(id))
      .map((node): Node => (isLeftOver(node) ? { ...node, kind: 'open' } : node))
    return { ...run, nodes, legs }
  })
}

/** A job whose work is at an address; an empty one is taken away. */
export const setAddress = ({ address: _, ...job }: Job, address: string): Job =>
  address.trim() === '' ? job : { ...job, address: address.trim().slice(0, 200) }

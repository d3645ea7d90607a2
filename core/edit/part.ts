import type { Ids } from './ids'
import type { Vector } from '../quantity/vector'
import { oppositeDirection } from './edit-run'
import type { Direction, Job, Leg, Node, Run } from '../job/job'
import type { Service } from '../job/place'
import { unitVector } from '../run/direction'
import { directionOf } from '../run/turning'

/** Mirrors across the plane that stands square to one of these. */
export const mirrors = ['east-west', 'north-south', 'up-down'] as const
export type Mirror = (typeof mirrors)[number]

/** A direction seen in a mirror. */
export function mirrored(direction: Direction, mirror: Mirror): Direction {
  const index = mirrors.indexOf(mirror)
  const vector = unitVector(direction).map((part, axis) => (axis === index ? 0 - part : part + 0)) as unknown as Vector
  return directionOf(vector)
}

/** What hangs on a leg, away from the start: the leg itself and all after it, in the order of the run. */
export function partBeyond(run: Run, legId: string): { legs: Leg[]; nodes: Set<string> } {
  const first = run.legs.find(({ id }) => id === legId)
  if (!first) return { legs: [], nodes: new Set() }
  const nodes = new Set([first.to])
  const found = new Set([first])
  for (let grown = true; grown;) {
    grown = false
    for (const leg of run.legs) {
      if (found.has(leg) || !nodes.has(leg.from)) continue
      found.add(leg)
      nodes.add(leg.to)
      grown = true
    }
  }
  return { legs: run.legs.filter((leg) => found.has(leg)), nodes }
}

const replaceRun = (job: Job, run: Run): Job => ({
  ...job,
  runs: job.runs.map((known) => (known.id === run.id ? run : known)),
})

/**
 * The job with another pipe in a leg and all that hangs on it. Where the pipe then changes at a plain corner or
 * coupling, an adapter stands in a straight, so that what joins the two can be chosen.
 */
export function setPipeBeyond(job: Job, runId: string, legId: string, pipe: string): Job {
  const run = job.runs.find(({ id }) => id === runId)
  const first = run?.legs.find(({ id }) => id === legId)
  if (!run || !first) return job
  const part = new Set(partBeyond(run, legId).legs)
  const before = run.legs.find(({ to }) => to === first.from)
  const straightOn = before && JSON.stringify(before.direction) === JSON.stringify(first.direction)
  return replaceRun(job, {
    ...run,
    nodes: run.nodes.map((node) =>
      node.id === first.from && node.kind === 'coupling' && straightOn ? { ...node, kind: 'adapter' } : node,
    ),
    legs: run.legs.map((leg) => (part.has(leg) ? { ...leg, pipe: pipe === run.pipe ? undefined : pipe } : leg)),
  })
}

/** The job with another service in a leg and all that hangs on it: as hot from a heater that cold water leads to. */
export function setServiceBeyond(job: Job, runId: string, legId: string, service: Service): Job {
  const run = job.runs.find(({ id }) => id === runId)
  if (!run) return job
  const part = new Set(partBeyond(run, legId).legs)
  const own = service === run.service ? undefined : service
  return replaceRun(job, { ...run, legs: run.legs.map((leg) => (part.has(leg) ? { ...leg, service: own } : leg)) })
}

/** The job with a leg and all that hangs on it mirrored in place; lengths stay. */
export function mirrorPart(job: Job, runId: string, legId: string, mirror: Mirror): Job {
  const run = job.runs.find(({ id }) => id === runId)
  if (!run) return job
  const part = new Set(partBeyond(run, legId).legs)
  return replaceRun(job, {
    ...run,
    legs: run.legs.map((leg) => (part.has(leg) ? { ...leg, direction: mirrored(leg.direction, mirror) } : leg)),
  })
}

/**
 * The job with a copy of selected legs going on from another node. Legs that do not hang on the first selected one are
 * left out.
 *
 * @param mirror the copy is mirrored where one is given
 * @returns the job and the ids of the new legs
 */
export function copyPart(
  job: Job,
  ids: Ids,
  runId: string,
  legIds: readonly string[],
  to: string,
  mirror?: Mirror,
): { job: Job; legs: string[] } {
  const run = job.runs.find(({ id }) => id === runId)
  const chosen = run?.legs.filter(({ id }) => legIds.includes(id)) ?? []
  const [first] = chosen
  const target = run?.nodes.find(({ id }) => id === to)
  if (!run || !first || !target) return { job, legs: [] }
  const nodes: Node[] = [...run.nodes]
  const legs: Leg[] = [...run.legs]
  const copies = new Map([[first.from, to]])
  const made: string[] = []
  for (const leg of chosen) {
    const from = copies.get(leg.from)
    if (from === undefined) continue
    const node = ids('n', nodes)
    const id = ids('l', legs)
    const known = run.nodes.find((of) => of.id === leg.to)!
    const goesOn = chosen.some((other) => other.from === leg.to)
    const isEnd = known.kind === 'outlet' || known.kind === 'cap' || known.kind === 'open'
    // A fixed point is a place of its own; a fitting whose further legs are not copied is an open end.
    const kind = goesOn || isEnd ? known.kind : 'open'
    nodes.push({ ...known, id: node, kind, at: undefined })
    legs.push({ ...leg, id, from, to: node, direction: mirror ? mirrored(leg.direction, mirror) : leg.direction })
    copies.set(leg.to, node)
    made.push(id)
  }
  const goingOn = run.legs.filter(({ from, to: end }) => from === to || end === to).length
  const at = nodes.findIndex(({ id }) => id === to)
  if (goingOn === 1 && (target.kind === 'open' || target.kind === 'cap' || target.kind === 'outlet')) {
    const arriving = run.legs.find(({ from, to: end }) => from === to || end === to)!
    const inwards = arriving.to === to ? arriving.direction : oppositeDirection(arriving.direction)
    const onwards = legs.find(({ id }) => id === made[0])!.direction
    const straight = JSON.stringify(inwards) === JSON.stringify(onwards)
    nodes[at] = { ...target, kind: straight ? 'coupling' : 'elbow', fitting: undefined }
  } else if (goingOn === 2 && target.kind !== 'tee') {
    nodes[at] = { ...target, kind: 'tee', fitting: undefined }
  }
  return { job: replaceRun(job, { ...run, nodes, legs }), legs: made }
}

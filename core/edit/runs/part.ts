import { withArms } from './with-arms'
import type { Ids } from '../ids'
import type { Vector } from '../../quantity/vector'
import { asKind } from '../as-kind'
import { setKind, withSystem } from '../edit-run'
import type { Direction, Job, Leg, Node } from '../../job/job'
import type { Service } from '../../job/place'
import { oppositeDirection, unitVector } from '../../job/direction'
import { directionOf } from '../../run/turning'
import { type System, systemOf, runOf } from '../../job/system'

/** Mirrors across the plane that stands square to one of these. */
export const mirrors = ['east-west', 'north-south', 'up-down'] as const
export type Mirror = (typeof mirrors)[number]

/** A direction seen in a mirror. */
export function mirrored(direction: Direction, mirror: Mirror): Direction {
  const [x, y, z] = unitVector(direction)
  const seen: Readonly<Record<Mirror, Vector>> = {
    'east-west': [0 - x, y, z],
    'north-south': [x, 0 - y, z],
    'up-down': [x, y, 0 - z],
  }
  return directionOf(seen[mirror])
}

/** What hangs on a leg, away from the start: the leg itself and all after it, in the order of the run. */
export function branchFrom(system: System, legId: string): { legs: Leg[]; nodes: Set<string> } {
  const first = system.legs.find(({ id }) => id === legId)
  if (!first) return { legs: [], nodes: new Set() }
  const nodes = new Set([first.to])
  const found = new Set([first])
  for (let grown = true; grown;) {
    grown = false
    for (const leg of system.legs) {
      if (found.has(leg) || !nodes.has(leg.from)) continue
      found.add(leg)
      nodes.add(leg.to)
      grown = true
    }
  }
  return { legs: system.legs.filter((leg) => found.has(leg)), nodes }
}

/** The job with these legs of a system changed. */
const withLegs = (job: Job, runId: string, part: ReadonlySet<Leg>, change: (leg: Leg) => Partial<Leg>): Job =>
  withSystem(job, runId, ({ nodes, legs }) => ({
    nodes,
    legs: legs.map((leg) => (part.has(leg) ? { ...leg, ...change(leg) } : leg)),
  }))

/**
 * The job with another pipe in a leg and all that hangs on it. Where the pipe then changes at a plain corner or
 * coupling, an adapter stands in a straight, so that what joins the two can be chosen.
 */
export function setPipeFrom(job: Job, runId: string, legId: string, pipe: string): Job {
  const system = systemOf(job, runId)
  const first = system?.legs.find(({ id }) => id === legId)
  if (!system || !first) return job
  const part = new Set(branchFrom(system, legId).legs)
  const before = system.legs.find(({ to }) => to === first.from)
  const straightOn = before && JSON.stringify(before.direction) === JSON.stringify(first.direction)
  const start = system.nodes.find(({ id }) => id === first.from)
  const piped = withLegs(job, runId, part, (leg) => ({ pipe: pipe === runOf(system, leg).pipe ? undefined : pipe }))
  return straightOn && start?.kind === 'coupling' ? setKind(piped, runId, start.id, { kind: 'adapter' }) : piped
}

/** The job with another service in a leg and all that hangs on it: as hot from a heater that cold water leads to. */
export function setServiceFrom(job: Job, runId: string, legId: string, service: Service): Job {
  const system = systemOf(job, runId)
  if (!system) return job
  const part = new Set(branchFrom(system, legId).legs)
  return withLegs(job, runId, part, (leg) => ({
    service: service === runOf(system, leg).service ? undefined : service,
  }))
}

/** The job with a leg and all that hangs on it mirrored in place; lengths stay. */
export function mirrorPart(job: Job, runId: string, legId: string, mirror: Mirror): Job {
  const system = systemOf(job, runId)
  if (!system) return job
  const part = new Set(branchFrom(system, legId).legs)
  return withLegs(job, runId, part, ({ direction }) => ({ direction: mirrored(direction, mirror) }))
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
  { legIds, to, mirror }: { readonly legIds: readonly string[]; readonly to: string; readonly mirror?: Mirror },
): { job: Job; legs: string[] } {
  const system = systemOf(job, runId)
  const chosen = system?.legs.filter(({ id }) => legIds.includes(id)) ?? []
  const [first] = chosen
  const target = system?.nodes.find(({ id }) => id === to)
  if (!system || !first || !target) return { job, legs: [] }
  const nodes: Node[] = [...system.nodes]
  const legs: Leg[] = [...system.legs]
  const copies = new Map([[first.from, to]])
  const legCopies = new Map<string, string>()
  const made: string[] = []
  for (const leg of chosen) {
    const from = copies.get(leg.from)
    if (from === undefined) continue
    const node = ids('n', [...job.nodes, ...nodes])
    const id = ids('l', [...job.legs, ...legs])
    const known = system.nodes.find((of) => of.id === leg.to)!
    const goesOn = chosen.some((other) => other.from === leg.to)
    const isEnd = known.kind === 'outlet' || known.kind === 'cap' || known.kind === 'open'
    // A fixed point is a place of its own; a fitting whose further legs are not copied is an open end.
    const kind = goesOn || isEnd ? known.kind : 'open'
    nodes.push({ ...asKind(known, kind), id: node, at: undefined })
    legs.push({ ...leg, id, from, to: node, direction: mirror ? mirrored(leg.direction, mirror) : leg.direction })
    copies.set(leg.to, node)
    legCopies.set(leg.id, id)
    made.push(id)
  }
  const goingOn = system.legs.filter(({ from, to: end }) => from === to || end === to).length
  const at = nodes.findIndex(({ id }) => id === to)
  if (goingOn === 1 && (target.kind === 'open' || target.kind === 'cap' || target.kind === 'outlet')) {
    const arriving = system.legs.find(({ from, to: end }) => from === to || end === to)!
    const inwards = arriving.to === to ? arriving.direction : oppositeDirection(arriving.direction)
    const onwards = legs.find(({ id }) => id === made[0])!.direction
    const straight = JSON.stringify(inwards) === JSON.stringify(onwards)
    nodes[at] = asKind(target, straight ? 'coupling' : 'elbow')
  } else if (goingOn === 2 && target.kind !== 'tee') {
    nodes[at] = asKind(target, 'tee')
  }
  const drawn = new Set([...copies.values()].filter((id) => id !== to))
  const armed = nodes.map((node) => (drawn.has(node.id) ? withArms(node, legCopies) : node))
  return { job: withSystem(job, runId, () => ({ nodes: armed, legs })), legs: made }
}

import type { Job, NodeKind } from '../job/job'
import { isRunEnd } from '../job/node-legs'
import { siteId } from '../job/site-id'
import type { System } from '../job/system'
import { watersOf } from '../job/waters'
import { DisjointSets } from '../quantity/disjoint-sets'
import { groupBy } from '../quantity/group-by'

/** A part of what one water fills that its shut valves, its caps and its outlets close off. */
export interface ClosedPart {
  /** That of its first leg. */
  readonly id: string
  readonly system: System
  /** Each as its run and its id there. */
  readonly legs: readonly string[]
  /** The valves that part it from the rest, by their nodes. */
  readonly valves: readonly string[]
  /** Where its pipe ends or comes from: outlets, caps, tie-ins, open ends; by their nodes. */
  readonly ends: readonly string[]
}

const isEnd = (kind: NodeKind): boolean => isRunEnd(kind) || kind === 'tie-in'

/**
 * The parts that a job's valves can close off, in the order of their legs: each can be tested by itself. A valve at which
 * pipe of one part alone ends, as before an appliance, parts nothing.
 *
 * @remarks for instance: start, valve, elbow, outlet: the pipe before the valve, and that beyond it
 */
export function closedParts(job: Job): ClosedPart[] {
  return watersOf(job).flatMap((system) => {
    const kinds = new Map(system.nodes.map(({ id, kind }) => [id, kind]))
    const held = system.legs.filter(({ state }) => state !== 'comes out')
    const sets = new DisjointSets()
    for (const leg of held)
      for (const end of [leg.from, leg.to]) if (kinds.get(end) !== 'valve') sets.tie(`leg ${leg.id}`, `node ${end}`)
    const byPart = groupBy(held, ({ id }) => sets.root(`leg ${id}`))
    const partsAt = new Map<string, Set<string>>()
    for (const [part, legs] of byPart)
      for (const { from, to } of legs)
        for (const end of [from, to]) partsAt.set(end, (partsAt.get(end) ?? new Set()).add(part))
    return [...byPart.values()].map((legs): ClosedPart => {
      const nodes = [...new Set(legs.flatMap(({ from, to }) => [from, to]))]
      return {
        id: siteId(legs[0]!),
        system,
        legs: legs.map(siteId),
        valves: nodes.filter((id) => partsAt.get(id)!.size > 1),
        ends: nodes.filter((id) => isEnd(kinds.get(id)!)),
      }
    })
  })
}

/** The legs of these parts as a test is told of them; nothing where they are all that there is. */
export const scopeOf = (all: readonly ClosedPart[], chosen: readonly ClosedPart[]): { readonly legs?: string[] } =>
  chosen.length === all.length ? {} : { legs: chosen.flatMap(({ legs }) => legs) }

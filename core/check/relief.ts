import { nominalBore } from '../catalogue/thread-size'
import type { Node } from '../job/job'
import { serviceIn } from '../job/leg-defaults'
import { isRelief } from '../job/place'
import { fixtureEndAt } from '../run/fixture-end'
import type { Layout } from '../run/layout'
import { walk, type Step } from '../run/walk'

/** The relief pipe of a system: where it goes from its valve. */
export interface Relief {
  /** What it goes by. */
  readonly nodes: readonly Node[]
  /** From its valve to its end, each with where it comes from; none where nobody said where it starts. */
  readonly steps: readonly Step[]
  /** The bore of its valve's thread, in mm; null where the valve has none, or was not drawn. */
  readonly wanted: number | null
}

/** The relief pipe in a system; null where it has none. It starts at a relief valve, or at relief pipe that is there. */
export function reliefIn({ system, arms, node }: Layout): Relief | null {
  const legs = new Set(system.legs.filter((leg) => leg.state !== 'comes out' && isRelief(serviceIn(system, leg))))
  if (legs.size === 0) return null
  const nodes = [...node.values()].filter(({ id }) => (arms.get(id) ?? []).some(({ leg }) => legs.has(leg)))
  const endAt = (of: Node) => fixtureEndAt(of, system.fixtures)?.end
  const valve = nodes.find((of) => endAt(of)?.water === 'relief')
  const start = valve ?? nodes.find(({ kind }) => kind === 'tie-in')
  const thread = valve && endAt(valve)!.thread
  return {
    nodes,
    steps: start ? [...walk(arms, start.id, (leg) => legs.has(leg))] : [],
    wanted: thread ? nominalBore(thread.size) : null,
  }
}

import type { Job } from '../job/job'
import { isolatedNodes } from '../run/isolated-nodes'
import { layOut } from '../run/layout'
import type { Suspect } from './suspects'
import { siteId } from '../job/site-id'
import { watersOf } from '../job/waters'

/** A valve that parts what is under test in two: what lies beyond it, seen from where its run begins. */
export interface ValveSides {
  /** What the log calls it by. */
  readonly id: string
  readonly run: string
  readonly node: string
  /** Ids of the suspects beyond it. */
  readonly beyond: ReadonlySet<string>
}

/**
 * Every valve under test that parts the pipework when it is shut; one in a ring does not.
 *
 * @remarks for instance: stop end, 1 m, valve, 2 m, outlet: beyond the valve its far joint, the 2 m and the outlet's joint
 */
export function valveSides(job: Job, suspects: readonly Suspect[]): ValveSides[] {
  return watersOf(job).flatMap((system) => {
    const layout = layOut(system)
    return system.nodes.flatMap((valve): ValveSides[] => {
      const { id, kind, run } = valve
      if (kind !== 'valve') return []
      const nodes = isolatedNodes(layout, id)
      const legs = new Set(system.legs.flatMap((leg) => (nodes.has(leg.from) || nodes.has(leg.to) ? [leg.id] : [])))
      const beyond = suspects.filter(({ leg, node }) =>
        leg === null ? node !== null && nodes.has(node) : legs.has(leg),
      )
      const isParted = beyond.length > 0 && beyond.length < suspects.length
      return isParted ? [{ id: siteId(valve), run, node: id, beyond: new Set(beyond.map((at) => at.id)) }] : []
    })
  })
}

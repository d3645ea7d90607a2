import type { Catalogue } from '../catalogue/catalogue'
import { flowPaths } from '../flow/path'
import { goesOnThrough } from '../catalogue/fixture'
import type { Job, Node } from '../job/job'
import { isPotable, type Service } from '../job/place'
import { serviceIn } from '../job/leg-defaults'
import { siteId } from '../job/site-id'
import { watersOf } from '../job/waters'
import { layOut } from '../run/layout'
import { namesOf } from '../run/names'
import type { Profile } from '../workshop/profile'

/** An outlet of drinking water: cold, hot, or of what goes round to be hot. */
export interface Outlet {
  /** Its run and node, as the log has it. */
  readonly id: string
  readonly name: string
  readonly service: Service
  /** Litres that stand in the pipe before it, as far as that was measured; null where no way leads to it. */
  readonly content: number | null
  /** mm of pipe before it. */
  readonly far: number
}

/** Water goes on through what it leads to: nothing is drawn there. */
const isPassedThrough = ({ fixture }: Node): boolean =>
  fixture !== undefined && fixture.kind !== 'own' && goesOnThrough(fixture.kind)

/** Any draw finds the same way and content. */
const someDraw = 6

/**
 * The outlets of a job's drinking water, the farthest first, as they are flushed: each from the far end back.
 *
 * @remarks for instance: 5 m to one and 2 m to another outlet: the one at 5 m first
 */
export function outletsOf(catalogue: Catalogue, job: Job, profile: Profile): Outlet[] {
  const names = namesOf(job)
  const found = watersOf(job).flatMap((system) => {
    const layout = layOut(system)
    const paths = new Map(flowPaths(catalogue, layout, someDraw, profile).map((path) => [path.outlet, path]))
    return system.nodes.flatMap((node): Outlet[] => {
      const leg = system.legs.find(({ from, to }) => from === node.id || to === node.id)
      if (node.kind !== 'outlet' || !leg || isPassedThrough(node)) return []
      const service = serviceIn(system, leg)
      const path = paths.get(node.id)
      const of = names.get(node.run)!
      const name = job.runs.length > 1 ? `${of.node(node.id)}, ${of.run}` : of.node(node.id)
      return isPotable(service)
        ? [{ id: siteId(node), name, service, content: path?.content ?? null, far: path?.length ?? 0 }]
        : []
    })
  })
  return found.sort((a, b) => b.far - a.far)
}

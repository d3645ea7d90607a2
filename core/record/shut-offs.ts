import { siteId } from '../job/site-id'
import type { Job } from '../job/job'
import { isolatedNodes } from '../run/isolated-nodes'
import { layOut } from '../run/layout'
import { levelsOf } from '../run/levels'
import { namesInWater, namesOf, waterName } from '../run/names'
import { watersOf } from '../job/waters'

/** A valve by its name, and the outlets that it shuts. */
export interface ShutOff {
  readonly run: string
  readonly valve: string
  /** Where it stands: the run’s id and the node’s, as the ids of its joints begin. */
  readonly at: string
  readonly shuts: readonly string[]
}
/** Where a run is drained: its lowest outlet, and the highest, which lets air in. */
export interface DrainPoint {
  readonly run: string
  readonly lowest: string
  readonly highest: string
}

/**
 * What each valve of a job shuts, by the names of the outlets beyond it.
 *
 * @remarks for instance: start, valve, tee, basin and sink: the valve shuts basin and sink
 */
export function shutOffs(job: Job): ShutOff[] {
  const names = namesOf(job)
  return watersOf(job).flatMap((system) => {
    const layout = layOut(system)
    const places = namesInWater(job, system)
    return system.nodes.flatMap((node): ShutOff[] => {
      const { id, kind, run } = node
      if (kind !== 'valve') return []
      const { run: called, node: nameOf } = names.get(run)!
      const beyond = isolatedNodes(layout, id)
      const outlets = system.nodes.filter((of) => of.kind === 'outlet' && beyond.has(of.id))
      return [
        { run: called, valve: nameOf(id), at: siteId(node), shuts: outlets.map((outlet) => places.node(outlet.id)) },
      ]
    })
  })
}

/** Where each run is drained that has an outlet with pipe level with it or above it: below it nothing runs off. */
export function drainPoints(job: Job): DrainPoint[] {
  return watersOf(job).flatMap((system) => {
    const layout = layOut(system)
    const { lowest, highest } = levelsOf(layout)
    if (lowest === null || highest === null) return []
    const outlet = layout.places.get(lowest)![2]
    if (![...layout.places].some(([id, place]) => id !== lowest && place[2] >= outlet)) return []
    const { node: nameOf } = namesInWater(job, system)
    return [{ run: waterName(job, system), lowest: nameOf(lowest), highest: nameOf(highest) }]
  })
}

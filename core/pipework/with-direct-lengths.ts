import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { systemsOf } from '../job/system'
import { layOut } from '../run/layout'
import { directJointsOf } from './take-off/direct-joint'
import { hasNoPipe } from '../run/states'

/**
 * A job with each leg that has no pipe as long as its two fittings make it; what they make is not known where they do not
 * stand one in the other, or a figure of theirs is missing.
 *
 * @returns the same job where that changes nothing
 * @remarks for instance: a 1/2 BSP street elbow in a 1/2 BSP tee, 24 and 15 with 13 taken up: 52
 */
export function withDirectLengths(catalogue: Catalogue, job: Job): Job {
  if (!job.legs.some(hasNoPipe)) return job
  const directJoints = new Map(
    systemsOf(job).flatMap((system) => [...directJointsOf({ catalogue, layout: layOut(system) })]),
  )
  let isChanged = false
  const legs = job.legs.map((leg) => {
    if (!hasNoPipe(leg)) return leg
    const made = directJoints.get(leg.id)?.length
    const [length, tolerance] = [made?.mm ?? null, made?.tolerance]
    if (leg.length === length && leg.tolerance === tolerance) return leg
    isChanged = true
    return { ...leg, length, tolerance }
  })
  return isChanged ? { ...job, legs } : job
}

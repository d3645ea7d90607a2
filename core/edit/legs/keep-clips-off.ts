import type { Job } from '../../job/job'
import type { Turning } from '../../support/free-leg'
import { setLeg } from '../edit-run'
import { systemOf } from '../../job/system'

/**
 * The job with clips kept off the legs that turn off at a node, as far as an expansion leg must reach.
 *
 * @param mm expansion leg, from the node's centre; kept to the tenth, never less than is needed
 */
export function keepClipsOff(job: Job, runId: string, { node, legs }: Turning, mm: number): Job {
  const kept = Math.ceil(mm * 10) / 10
  return legs.reduce((changed, id) => {
    const leg = systemOf(changed, runId)?.legs.find((of) => of.id === id)
    if (!leg) return changed
    return setLeg(changed, runId, id, { free: { ...leg.free, [leg.from === node ? 'start' : 'end']: kept } })
  }, job)
}

import { holdsWater } from '../run/states'
import type { Job } from '../job/job'
import type { ProveRequest } from './prove-schema'
import { pipeIdIn } from '../job/leg-defaults'
import { systemsOf } from '../job/system'

/**
 * What of a job is closed in for a test: its new pipe, by its legs from centre to centre, each pipe once; and existing
 * pipe that was measured. What leads on out of sight is shut off.
 *
 * @param runs those under test; all where nothing is said
 * @remarks for instance: two legs of 22 copper of 1000 and 500: 1.5 m of it
 */
export function segmentsUnderTest(job: Job, runs?: readonly string[]): ProveRequest['system']['segments'] {
  const metres = new Map<string, number>()
  for (const system of systemsOf(job)) {
    for (const leg of system.legs) {
      if (runs && !runs.includes(leg.run)) continue
      if (!holdsWater(leg) || leg.length === null) continue
      const pipe = pipeIdIn(system, leg)
      metres.set(pipe, (metres.get(pipe) ?? 0) + leg.length / 1000)
    }
  }
  return [...metres].map(([pipe, length]) => ({ pipe, metres: length }))
}

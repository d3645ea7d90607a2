import { holdsWater } from '../run/states'
import type { Job } from '../job/job'
import type { ProveRequest } from './prove-schema'
import { pipeIdIn } from '../job/leg-defaults'
import { watersOf } from '../job/waters'
import { everything, underTest, type Scope } from './scope'

/**
 * What of a job is closed in for a test: its new pipe, by its legs from centre to centre, each pipe once; and existing
 * pipe that was measured. What leads on out of sight is shut off.
 *
 * @remarks for instance: two legs of 22 copper of 1000 and 500: 1.5 m of it
 */
export function segmentsUnderTest(job: Job, scope: Scope = everything): ProveRequest['system']['segments'] {
  const of = underTest(job, scope)
  const metres = new Map<string, number>()
  for (const system of watersOf(job)) {
    for (const leg of system.legs) {
      if (!of.leg(leg)) continue
      if (!holdsWater(leg) || leg.length === null) continue
      const pipe = pipeIdIn(system, leg)
      metres.set(pipe, (metres.get(pipe) ?? 0) + leg.length / 1000)
    }
  }
  return [...metres].map(([pipe, length]) => ({ pipe, metres: length }))
}

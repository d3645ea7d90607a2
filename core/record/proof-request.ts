import type { Job } from '../job/job'
import type { TestState } from '../log/site-state'
import { segmentsUnderTest } from '../prove/plan-system'
import type { ProveRequest } from '../prove/prove-schema'

/** What is asked of a test that was begun: its pipe by the job, its readings by the log; null where no pipe is under test. */
export function proofRequest(job: Job, { begun, readings, pumped, touches }: TestState): ProveRequest | null {
  if (!begun) return null
  const { profile, own, design, medium, gauge } = begun.body
  const segments = segmentsUnderTest(job, begun.body)
  if (segments.length === 0) return null
  return {
    units: job.units,
    system: { segments, ...(pumped ? { pumped } : {}) },
    test: { profile, own, design, medium, ...(gauge ? { gauge } : {}) },
    ...(touches.length > 0 ? { events: [...touches] } : {}),
    readings: readings.map(({ seconds, bar, celsius }) => ({
      seconds,
      bar,
      ...(celsius === undefined ? {} : { celsius }),
    })),
  }
}

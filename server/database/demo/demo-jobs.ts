import { randomUUID } from 'node:crypto'
import { shippedCatalogue as catalogue } from '~~/core/catalogue/catalogue'
import { readJob } from '~~/core/job/read-job'
import type { Job } from '~~/core/job/job'
import type { Entry } from '~~/core/log/entry'
import { roughIn } from '~~/core/patterns/calls/rough-in'
import { shippedCosts as costs } from '~~/core/workshop/costs'
import cedarKilnStudio from '~~/demo/cedar-kiln-studio.json'
import tarnLaneBakehouse from '~~/demo/tarn-lane-bakehouse.json'
import { halfMadeLog, provenLog } from './demo-log'

/** A demo job as it is in its file. */
function filed(demo: unknown): Job {
  const read = readJob(demo, catalogue)
  if (!read.ok) throw new Error(`a demo job is not valid: ${JSON.stringify(read.fields)}`)
  return read.job
}

/**
 * A job drawn from a pattern as anybody begins one: hot and cold to a basin, with somebody coming today.
 *
 * @param today year-month-day
 */
export function callForToday(today: string): Job {
  const drawn = roughIn.draw(
    { fixture: 'basin', along: 1800, height: 550 },
    {
      ...{ catalogue, costs, units: 'metric', title: 'Millrace Cottage' },
      ids: (prefix) => prefix + randomUUID().replaceAll('-', '').slice(0, 12),
    },
  )
  const visit = { id: randomUUID(), on: today, at: '13:30', what: 'Pipes to the basin' }
  return { ...drawn, sample: true, address: '3 Millrace, up the yard', visits: [visit] }
}

/** A job to try things with, and what was written down of it by a moment in ms. */
interface DemoJob {
  readonly job: Job
  readonly logOf: (id: string, until: number) => readonly Entry[]
}

/** One is made and proven, the next half made; of the last, which is for today, nothing is made yet. */
export function demoJobs(today: string): readonly DemoJob[] {
  const [cedar, tarn] = [filed(cedarKilnStudio), filed(tarnLaneBakehouse)]
  return [
    { job: cedar, logOf: (id, until) => provenLog(id, cedar, 'U. Thorn', until) },
    { job: tarn, logOf: (id, until) => halfMadeLog(id, tarn, 'I. Marl', until) },
    { job: callForToday(today), logOf: () => [] },
  ]
}

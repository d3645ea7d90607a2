import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Job } from '~~/core/job/job'
import type { Entry } from '~~/core/log/entry'
import { planJob } from '~~/core/plan/plan-job'
import { segmentsUnderTest } from '~~/core/prove/plan-system'
import { simulatedReadings } from '~~/core/prove/simulate'
import { litresIn, systemOf } from '~~/core/prove/softness'
import type { ProveRequest } from '~~/core/prove/prove-schema'
import { randomStream } from '~~/core/quantity/random-stream'

const minute = 60_000

/** Writes a demo job's log, back from a moment: each entry so many minutes before it. */
function writer(job: string, by: string, until: number) {
  const entries: Entry[] = []
  const write = (before: number, kind: string, subject: Entry['subject'], body: Entry['body']) =>
    entries.push({
      id: `demo-${job}-${entries.length + 1}`.slice(0, 60),
      kind,
      subject,
      at: new Date(until - before * minute).toISOString(),
      by,
      jobVersion: 1,
      body,
    })
  return { entries, write }
}

/** Readings of a test of this job's new pipe: tight, and cooling a little. */
function readingsOf(job: Job, bar: number, seconds: number) {
  const segments = segmentsUnderTest(job).flatMap((of) => {
    const pipe = shippedCatalogue.pipe(of.pipe)
    return pipe && 'metres' in of ? [{ pipe, litres: litresIn(pipe, of.metres) }] : []
  })
  return simulatedReadings(
    {
      system: systemOf(segments, 0),
      softer: 1,
      leak: 0,
      creep: 0.06,
      bar,
      celsius: 16,
      warming: { kelvin: -0.4, minutes: 12 },
      sway: { kelvin: 0.03, minutes: 20 },
      gauge: { noise: 0.004, step: 0.01, dropOuts: 0 },
      thermometer: { lag: 0.1, minutes: 10 },
      seconds,
      every: 60,
    },
    randomStream(7),
  ).map(({ seconds: at, bar: shown, celsius }) => ({
    seconds: at,
    bar: Math.round(shown * 100) / 100,
    celsius: Math.round(celsius! * 10) / 10,
  }))
}

/** Every joint made and looked at, tested and flushed. */
export function provenLog(id: string, job: Job, by: string, until: number): Entry[] {
  const plan = planJob(job, shippedCatalogue)
  const { entries, write } = writer(id, by, until)
  for (const [at, { id: joint, method, insertion, pipe }] of plan.joints.entries()) {
    const gauge = method === 'crimp' || method === 'clamp' ? { gauge: 'goes' } : {}
    write(400 - 5 * at, 'joint-made', { joint }, { method, insertion, pipe, markSeen: true, ...gauge })
    write(398 - 5 * at, 'joint-inspected', { joint }, { sound: true })
  }
  const [subject, test] = [{ test: `demo-test-${id}` }, { profile: 'model-code-water', design: 5.5, medium: 'water' }]
  write(60, 'filled', {}, {})
  write(50, 'test-begun', subject, test)
  for (const reading of readingsOf(job, 5.5, 900)) write(50 - reading.seconds / 60, 'reading', subject, reading)
  write(34, 'test-ended', subject, { verdict: 'tight', passes: false, note: 'it cooled while it stood' })
  write(20, 'flushed', {}, {})
  return entries
}

/** The first half of the joints made, and a test of those begun. */
export function halfMadeLog(id: string, job: Job, by: string, until: number): Entry[] {
  const { joints } = planJob(job, shippedCatalogue)
  const { entries, write } = writer(id, by, until)
  for (const [at, { id: joint, method, insertion, pipe }] of joints.slice(0, Math.ceil(joints.length / 2)).entries()) {
    write(300 - 6 * at, 'joint-made', { joint }, { method, insertion, pipe, markSeen: true })
    if (at % 2 === 0) write(298 - 6 * at, 'joint-inspected', { joint }, { sound: true })
  }
  const subject = { test: `demo-test-${id}` }
  const test: ProveRequest['test'] = { profile: 'en806-a', design: 6, medium: 'water' }
  write(6, 'test-begun', subject, test)
  for (const reading of readingsOf(job, 6.6, 300)) write(6 - reading.seconds / 60, 'reading', subject, reading)
  return entries
}

import { methods } from '~~/core/methods'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import type { Job } from '~~/core/job/job'
import type { PlanJoint } from '~~/core/pipework/planned'
import type { Entry } from '~~/core/log/entry'
import { evidenceAsked } from '~~/core/log/evidence'
import { planJob } from '~~/core/plan/plan-job'
import { segmentsUnderTest } from '~~/core/prove/plan-system'
import { simulatedReadings } from '~~/core/prove/simulate'
import { litresIn, systemOf } from '~~/core/prove/softness'
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

/** Readings of a test of this job's new pipe: tight, giving as plastic does, and cooling a little. */
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
    from: 'hand',
  }))
}

/** All that is asked of a joint, seen. */
function seenOf(joint: PlanJoint): Entry['body'] {
  const pipe = shippedCatalogue.pipe(joint.pipe)!
  const answers = { gauge: 'goes', turns: methods[joint.method].threaded ? 2 : 1 } as const
  return Object.fromEntries(
    evidenceAsked(joint, pipe).map((id) => [id, id === 'gauge' || id === 'turns' ? answers[id] : true]),
  )
}

/** Every joint made and inspected, tested and flushed: the pipe gave while it stood, and the reason is signed. */
export function provenLog(id: string, job: Job, by: string, until: number): Entry[] {
  const plan = planJob(job, shippedCatalogue)
  const { entries, write } = writer(id, by, until)
  for (const [at, joint] of plan.joints.entries()) {
    const { id: made, method, insertion, pipe } = joint
    write(400 - 5 * at, 'joint-made', { joint: made }, { method, insertion, pipe, ...seenOf(joint) })
    write(398 - 5 * at, 'joint-inspected', { joint: made }, { sound: true })
  }
  const [subject, test] = [{ test: `demo-test-${id}` }, { profile: 'model-code-water', design: 5.5, medium: 'water' }]
  // Plastic creeps at first: what it does in its second half hour tells more than the standard's quarter.
  write(75, 'filled', {}, {})
  write(60, 'test-begun', subject, test)
  for (const reading of readingsOf(job, 5.5, 2700)) write(60 - reading.seconds / 60, 'reading', subject, reading)
  const why = 'PEX gives at first: the gauge slows and stands in the last quarter of an hour, and every joint is dry.'
  write(14, 'test-ended', subject, { verdict: 'tight', passes: false, why })
  write(10, 'flushed', {}, {})
  return entries
}

/** The first half of the joints made, most of those inspected: nothing is tested before the rest is. */
export function halfMadeLog(id: string, job: Job, by: string, until: number): Entry[] {
  const { joints } = planJob(job, shippedCatalogue)
  const { entries, write } = writer(id, by, until)
  for (const [at, joint] of joints.slice(0, Math.ceil(joints.length / 2)).entries()) {
    const { id: made, method, insertion, pipe } = joint
    write(300 - 6 * at, 'joint-made', { joint: made }, { method, insertion, pipe, ...seenOf(joint) })
    if (at % 2 === 0) write(298 - 6 * at, 'joint-inspected', { joint: made }, { sound: true })
  }
  return entries
}

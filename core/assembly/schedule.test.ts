import { describe, expect, it } from 'vitest'
import { profiles } from '../workshop/profile'
import { sampleJoint as joint } from '../testing/sample-joint'
import { unknownSays } from './sayings'
import type { AssemblyJoint, AssemblyQuestion } from './question'
import { schedule } from './schedule'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { shippedCatalogue } from '../catalogue/catalogue'
import { placesCut, waterSteps } from './water-off'

const asked = (joints: readonly AssemblyJoint[]): AssemblyQuestion => ({
  joints,
  fixed: new Set(['main']),
  straight: new Map(),
  swings: new Set(),
  near: new Map(),
  extents: new Map(),
  mostCarried: 2500,
})

describe('the plan of work', () => {
  const joints = [
    joint('glue', ['a', 'p'], { method: 'solvent', minutes: 5, wait: 60 }),
    joint('tie-in', ['main', 'a'], { minutes: 10, wait: 5 }),
  ]
  const question = asked(joints)
  const steps = [
    { joint: 'glue', phase: 'bench' },
    { joint: 'tie-in', phase: 'water off' },
  ] as const

  const none = { before: [], after: [] }

  it('lets the bench’s wait run with the water on: off for 15 minutes, not for 65', () => {
    const plan = schedule(question, steps, new Map(), none)
    // The glue is ready at 65; the water goes off at 50, so that the tie-in is ready then too.
    expect(plan).toMatchObject({ waterOff: 15, whole: 65 })
    expect(plan.steps[0]).toMatchObject({ start: 0, end: 5, ready: 65 })
    expect(plan.steps[1]).toMatchObject({ start: 50, end: 60, ready: 65 })
  })

  it('counts what the household has: shut 3, drain 10, one cut 4, the joint 10 and its wait 5, refill, purge, look 5 each', () => {
    const plan = schedule(question, steps, new Map(), waterSteps(profiles.metric, 1, new Map()))
    expect(plan.waterOff).toBe(3 + 10 + 4 + 10 + 5 + 5 + 5 + 5)
    // The joint would be ready at 37; the glue at 65, so that the water is shut 28 later, at 33.
    expect(plan.before.map(({ kind, start, end }) => [kind, start, end])).toEqual([
      ['shut', 33, 36],
      ['drain', 36, 46],
      ['cut', 46, 50],
    ])
    expect(plan.steps[1]).toMatchObject({ start: 50, end: 60, ready: 65 })
    expect(plan.after.map(({ kind, end }) => [kind, end])).toEqual([
      ['refill', 70],
      ['purge', 75],
      ['look', 80],
    ])
    expect(plan.whole).toBe(80)
  })

  it('begins with shutting where nothing is made at the bench: 3 + 10 + 4, then the joint from 17 to 27', () => {
    const plan = schedule(question, [steps[1]], new Map(), waterSteps(profiles.metric, 1, new Map()))
    expect(plan.before[0]).toMatchObject({ kind: 'shut', start: 0 })
    expect(plan.steps[0]).toMatchObject({ start: 17, end: 27, ready: 32 })
    expect(plan).toMatchObject({ waterOff: 47, whole: 47 })
  })

  it('real minutes take the place of the settings, two cuts take twice as long', () => {
    const real = new Map([['water/drain', 22]])
    const { before } = waterSteps(profiles.metric, 2, real)
    expect(before).toMatchObject([{ minutes: 3 }, { minutes: 22, isReal: true }, { minutes: 8, isReal: false }])
    const plan = schedule(question, steps, real, waterSteps(profiles.metric, 2, real))
    expect(plan.waterOff).toBe(3 + 22 + 8 + 10 + 5 + 15)
  })

  it('a line that is cut into in its middle is one place, however many joints are made there', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'compression',
      legs: [
        ['open:a', 'east', 900, 'tee:t'],
        ['t', 'east', 1100, 'open:b'],
        ['t', 'north', 500, 'outlet:c'],
      ],
    })
    const legs = job.legs.map((leg, at) => (at < 2 ? { ...leg, state: 'existing' as const } : leg))
    const { joints } = planJob({ ...job, legs }, shippedCatalogue)
    expect(joints.filter(({ piece }) => piece === null)).toHaveLength(2)
    expect(placesCut(joints)).toBe(1)
    expect(placesCut(planJob(job, shippedCatalogue).joints)).toBe(0)
  })

  it('where no joint needs the water off, it is never off', () => {
    const plan = schedule(question, [steps[0]], new Map(), waterSteps(profiles.metric, 1, new Map()))
    expect(plan).toMatchObject({ waterOff: 0, before: [], after: [], whole: 65 })
  })

  it('says that it may take longer where a wait is not known', () => {
    const cold = { ...joints[0]!, wait: 0, unknown: [{ of: 'wait', message: unknownSays('wait') }] as const }
    expect(schedule(asked([cold, joints[1]!]), steps, new Map(), none).isLeast).toBe(true)
    expect(schedule(question, steps, new Map(), none).isLeast).toBe(false)
    const deep = { ...joints[0]!, unknown: [{ of: 'depth', message: unknownSays('depth', { taken: 60 }) }] as const }
    expect(schedule(asked([deep, joints[1]!]), steps, new Map(), none).isLeast).toBe(false)
  })

  it('is planned anew from what a step really took', () => {
    const plan = schedule(question, steps, new Map([['tie-in', 25]]), none)
    expect(plan).toMatchObject({ waterOff: 30 })
    expect(plan.steps[1]).toMatchObject({ isReal: true, ready: plan.whole })
  })
})

describe('a flame', () => {
  const soldered = (id: string, part: string) =>
    joint(id, [part, `pipe ${id}`], { method: 'solder', minutes: 5, wait: 5 })
  const all = [soldered('one', 'coupling'), soldered('other', 'coupling'), soldered('third', 'elbow')]
  const question = asked(all)
  const inPlace = (...ids: string[]) => ids.map((id) => ({ joint: id, phase: 'in place' as const }))
  const none = { before: [], after: [] }

  it('takes a coupling’s two mouths in one heat, where one is soldered right after the other', () => {
    const ends = (...ids: string[]) => schedule(question, inPlace(...ids), new Map(), none).steps.map(({ end }) => end)
    expect(ends('one', 'other', 'third')).toEqual([5, 6, 11])
    expect(ends('one', 'third', 'other')).toEqual([5, 10, 15])
    // What it really took is what it took.
    expect(schedule(question, inPlace('one', 'other'), new Map([['other', 4]]), none).steps.at(-1)!.end).toBe(9)
  })

  it('is watched after, and that is part of the whole', () => {
    const plan = schedule(question, inPlace('one', 'third'), new Map(), { ...none, fireWatch: 60 })
    expect(plan).toMatchObject({ fireWatch: { start: 10, end: 70 }, whole: 70 })
    const cold = [joint('press', ['a', 'b'], { method: 'press-metal', minutes: 2 })]
    const pressed = schedule(asked(cold), inPlace('press'), new Map(), {
      ...none,
      fireWatch: 60,
    })
    expect(pressed).toMatchObject({ fireWatch: null, whole: 2 })
  })
})

it('counts as idle what no hands fill: the tie-in’s 5 to cool, and of the glue’s 60 what the tie-in leaves', () => {
  const joints = [
    joint('glue', ['a', 'p'], { method: 'solvent', minutes: 5, wait: 60 }),
    joint('tie-in', ['main', 'a'], { minutes: 10, wait: 5 }),
  ]
  const steps = [
    { joint: 'glue', phase: 'bench' },
    { joint: 'tie-in', phase: 'water off' },
  ] as const
  const none = { before: [], after: [] }
  // 0 to 5 the glue; the tie-in from 50 to 60; nothing follows it but a wait, which nobody stays for.
  const still = schedule(asked(joints), steps, new Map(), none)
  expect([still.idle, still.waits.reduce((sum, { from, to }) => sum + to - from, 0)]).toEqual([45, 45])
  // With the water to shut from 33 to 50 and to bring back from 65 on: 5 to 33, and 60 to 65.
  expect(schedule(asked(joints), steps, new Map(), waterSteps(profiles.metric, 1, new Map())).idle).toBe(28 + 5)
  const dry = schedule(asked(joints), [steps[0]], new Map(), none)
  expect(dry.idle).toBe(0)
})

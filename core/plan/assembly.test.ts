import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { shippedCosts } from '../job/costs'
import type { Job } from '../job/job'
import { assemblyOrder } from '../make/assembly/order'
import { planJob } from '../plan'
import { pipeId, sampleJob, type SampleRun } from '../sample-run'
import { assemblyQuestion } from './assembly'

const copper = pipeId('EN 1057', '22', 0.9)
const ask = (job: Job, celsius = 20) => assemblyQuestion(catalogue, job, planJob(job, catalogue), shippedCosts, celsius)
const run = (legs: SampleRun['legs'], more: Partial<SampleRun> = {}) =>
  sampleJob({ pipe: copper, method: 'solder', legs, ...more })
const near = (job: Job, id: string) => [...(ask(job).near.get(id) ?? [])].sort()

describe('heat', () => {
  const legs = (length: number): SampleRun['legs'] => [
    ['tie-in:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', length, 'elbow:b'],
    ['elbow:b', 'east', 1000, 'open:e'],
  ]
  const pressedAt = { nodes: { b: { method: 'press-metal' } } } as const

  it('of a soldered elbow is felt at a press joint 300 mm away, and not at 500', () => {
    expect(near(run(legs(300), pressedAt), 'r1/a/l1')).toEqual(['r1/a/l2', 'r1/b/l2', 'r1/b/l3'])
    expect(near(run(legs(500), pressedAt), 'r1/a/l1')).toEqual(['r1/a/l2'])
  })

  it('is felt nowhere where the place of the run says that it is wet-wrapped', () => {
    const job = run(legs(300), pressedAt)
    const wrapped = { ...job, runs: [{ ...job.runs[0]!, place: { heatOrder: 'wet-wrapped' as const } }] }
    expect(ask(wrapped).near.size).toBe(0)
  })
})

describe('spring', () => {
  // Between two tie-ins, east and back west, with one leg north between that alone can give along east.
  const between = (north: number) =>
    run([
      ['tie-in:s', 'east', 500, 'elbow:a'],
      ['elbow:a', 'north', north, 'elbow:b'],
      ['elbow:b', 'east', 400, 'tie-in:e'],
    ])

  it('of a leg square to the joint lets a stiff run go in between two held ends, where it is long enough', () => {
    // 22 copper goes in 15.4: 100 L² / (3 × 117 000 × 11) is that from 771 mm on.
    expect(assemblyOrder(ask(between(1500)))).toMatchObject({ ok: true })
    expect(assemblyOrder(ask(between(760)))).toMatchObject({ ok: false })
  })

  it('where it is too stiff, any one joint made so that it closes is enough', () => {
    const order = assemblyOrder(ask(between(400)))
    const [failure] = order.ok ? [] : order.failures
    expect(failure?.remedies.length).toBeGreaterThan(0)
    expect(failure?.remedies.every(({ joints }) => joints.length === 1)).toBe(true)
  })
})

describe('what is not known', () => {
  it('is said: a depth, and a setting time below the table', () => {
    const cpvc = pipeId('ASTM D2846', '1/2')
    const glued = sampleJob({
      pipe: cpvc,
      method: 'solvent',
      legs: [
        ['tie-in:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'open:e'],
      ],
    })
    expect(ask(glued, 20).joints.every(({ wait, unknown }) => wait === 60 && unknown.length === 0)).toBe(true)
    expect(ask(glued, -25).joints.every(({ wait, unknown }) => wait === 0 && unknown[0]?.of === 'wait')).toBe(true)
  })
})

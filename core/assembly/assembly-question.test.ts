import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { shippedCosts } from '../workshop/costs'
import type { Job } from '../job/job'
import type { MethodId } from '../methods/ids'
import { expansionHold } from '../methods/wait'
import { assemblyOrder } from './order'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { assemblyQuestion } from './assembly-question'
import { chained } from '../testing/sample-choice'

const copper = pipeId('EN 1057', '22', 0.9)
const ask = (job: Job, celsius = 20) =>
  assemblyQuestion(catalogue, job, planJob(job, catalogue), { costs: shippedCosts, celsius })
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
    // The job's place holds where the run's says nothing, and another run's does not.
    expect(ask({ ...job, place: { heatOrder: 'wet-wrapped' } }).near.size).toBe(0)
    const other = { ...job.runs[0]!, id: 'r0', place: { heatOrder: 'wet-wrapped' as const } }
    expect(ask({ ...job, runs: [other, ...job.runs] }).near.size).toBeGreaterThan(0)
  })
})

it('a joint of which nobody can say yet which way it lies has an axis all the same', () => {
  const job = run([], {})
  const fittings = ['22 solder × 3/4 M BSP adapter', '22 press × 3/4 F BSP adapter']
  const fitting = chained(fittings, ['solder', 'press-metal'])
  const alone = { ...job, nodes: [{ id: 't', run: 'r1', kind: 'tie-in' as const, existing: copper, fitting }] }
  expect(ask(alone).joints.map(({ axis }) => axis)).toEqual(Array(2).fill([0, 0, 1]))
})

describe('what each joint asks', () => {
  const joint = (job: Job, id: string) => ask(job).joints.find((of) => of.id === id)!
  const job = run([
    ['tie-in:s', 'east', 500, 'elbow:a'],
    ['elbow:a', 'north', 300, 'union:u'],
    ['union:u', 'north', 300, 'slip-coupling:c'],
    ['slip-coupling:c', 'north', 300, 'coupling:d'],
    ['coupling:d', 'up', 200, 'open:e'],
  ])

  it('lies along the leg that it is on, away from its fitting', () => {
    const axis = (id: string) => joint(job, id).axis.map((along) => along + 0)
    expect(axis('r1/a/l1')).toEqual([-1, 0, 0])
    expect(axis('r1/a/l2')).toEqual([0, 1, 0])
    expect(axis('r1/u/l2')).toEqual([0, -1, 0])
  })

  it('a union closes without play, and a slip coupling slides; a plain coupling, and a compression one with its stop, do not', () => {
    const closes = (of: Job) =>
      ask(of)
        .joints.filter(({ needsNoPlay }) => needsNoPlay)
        .map(({ id }) => id)
        .sort()
    expect(closes(job)).toEqual(['r1/u/l2', 'r1/u/l3'])
    const slides = ask(job).joints.filter(({ slides, inPlace }) => slides && inPlace)
    expect(slides.map(({ id }) => id).sort()).toEqual(['r1/c/l3', 'r1/c/l4'])
    const nut = run(
      [
        ['open:s', 'east', 500, 'elbow:a'],
        ['elbow:a', 'north', 300, 'open:e'],
      ],
      {
        nodes: { a: { method: 'compression' } },
      },
    )
    expect(closes(nut)).toEqual([])
  })

  it('springs by the longest leg square to it, at either end of its piece', () => {
    const [short, long] = [300, 1200].map(
      (north) =>
        joint(
          run([
            ['tie-in:s', 'east', 500, 'elbow:a'],
            ['elbow:a', 'north', north, 'open:b'],
          ]),
          'r1/a/l1',
        ).spring,
    )
    expect(long! / short!).toBeCloseTo(16, 6)
  })

  it('water stands on it after it has cooled or shrunk on; at once where it needs neither', () => {
    const wait = (pipe: string, method: MethodId) =>
      ask(
        sampleJob({
          pipe,
          method,
          legs: [
            ['tie-in:s', 'east', 1000, 'elbow:a'],
            ['elbow:a', 'north', 500, 'open:e'],
          ],
        }),
        20,
      ).joints.map((of) => of.wait)
    const [copper, pex] = [pipeId('EN 1057', '22', 0.9), pipeId('ASTM F876', '1/2', 'pex-a')]
    expect(new Set(wait(copper, 'solder'))).toEqual(new Set([5]))
    expect(new Set(wait(copper, 'press-metal'))).toEqual(new Set([0]))
    expect(new Set(wait(pex, 'expansion'))).toEqual(new Set([expansionHold(20)! / 60]))
  })

  it('a straight piece can turn about itself, a bent one not; what nothing leads to has no room of its own', () => {
    const bent = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'east', 500, 'bend:b'],
        ['bend:b', 'north', 500, 'elbow:c'],
        ['elbow:c', 'up', 400, 'open:e'],
        ['cap:x', 'up', 400, 'cap:y'],
      ],
      nodes: { b: { radius: 88 } },
    })
    const question = ask(bent)
    expect([...question.straight.keys()]).toEqual(['P2', 'P3'])
    expect([...question.extents.keys()]).toEqual(['P1', 'P2'])
    expect(question.extents.get('P2')).toEqual({ from: [500, 500, 0], to: [500, 500, 400] })
  })

  it('a depth that is known is taken as it is, and nothing said of it', () => {
    const { insertion, unknown } = joint(job, 'r1/a/l2')
    expect([insertion, unknown]).toEqual([15.4, []])
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

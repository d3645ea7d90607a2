import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { asBuilt } from '../pipework/as-built'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { withoutLengthsMade, withoutMadeUp } from './decisions'
import type { Job } from './job'
import { readJob } from './read-job'
import { byName, chained } from '../testing/sample-choice'

const copper28 = pipeId('EN 1057', '28', 0.9)
const multilayer16 = pipeId('EN ISO 21003', '16')
const fitting = chained(
  ['28 solder × 22 press adapter', '22 press × 22 press coupling', '22 press × 16 multilayer press adapter'],
  ['solder', 'press-multilayer'],
)
const across = (nodes: SampleRun['nodes'] = { a: { fitting } }): Job => {
  const legs: SampleRun['legs'] = [
    ['open:s', 'north', 1000, 'adapter:a'],
    ['a', 'north', 800, 'open:e'],
  ]
  const job = sampleJob({ pipe: copper28, method: 'solder', legs, nodes })
  return { ...job, legs: job.legs.map((leg, at) => (at === 1 ? { ...leg, pipe: multilayer16 } : leg)) }
}
const tieIn = (): Job =>
  sampleJob({
    pipe: multilayer16,
    method: 'press-multilayer',
    legs: [['tie-in:t', 'east', 900, 'cap:e']],
    nodes: { t: { existing: copper28, fitting } },
  })
/** A tee with 15 solder at its branch, and 16 multilayer from it by a pressed adapter: a piece of 15 copper between. */
const onArm = (): Job => {
  const arm = { fittings: ['15 press × 16 multilayer press adapter'], method: 'press-multilayer' as const }
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['open:s', 'east', 700, 'tee:t'],
      ['t', 'east', 700, 'open:e'],
      ['t', 'north', 600, 'open:n'],
    ],
    nodes: { t: { fitting: byName('22 solder × 22 solder × 15 solder tee', { l3: arm }) } },
  })
  return { ...job, legs: job.legs.map((leg, at) => (at === 2 ? { ...leg, pipe: multilayer16 } : leg)) }
}

/** The job as version 2 wrote it: name, arms and chain beside each other. */
const asVersion2 = (job: Job): unknown =>
  JSON.parse(
    JSON.stringify({
      ...job,
      version: 2,
      nodes: job.nodes.map(({ fitting: chosen, ...node }) =>
        chosen?.by === 'name'
          ? { ...node, fitting: chosen.name, arms: chosen.arms }
          : { ...node, ...(chosen && { chain: { fittings: chosen.fittings, joints: chosen.joints } }) },
      ),
    }),
  )

describe('a job in which an earlier program wrote down the short pieces of a chain', () => {
  it.each([
    ['between two pipes', across()],
    ['at a fixed place and height', across({ a: { fitting, at: [0, 1000, 50], height: 50 }, s: { at: [0, 0, 50] } })],
    ['at a tie-in', tieIn()],
    ['on the arm of a tee', onArm()],
  ])('%s has the chain in one place again, and its legs as they were measured', (_, decided) => {
    const written = asBuilt(catalogue, decided)
    expect(written.legs.length).toBeGreaterThan(decided.legs.length)
    const read = readJob(asVersion2(written), catalogue)
    expect(read.ok && read.job).toEqual(decided)
  })

  it('names the same joints and cuts as before', () => {
    for (const decided of [across(), tieIn(), onArm()]) {
      const written = planJob(asBuilt(catalogue, decided), catalogue)
      expect(planJob(decided, catalogue)).toEqual(written)
    }
  })

  it('keeps a piece as plain pipe where something was drawn from between its fittings', () => {
    const written = asBuilt(catalogue, across())
    const branched: Job = {
      ...written,
      nodes: [...written.nodes, { id: 'x', run: 'r1', kind: 'open' }],
      legs: [...written.legs, { id: 'lx', run: 'r1', from: 'a~1', to: 'x', direction: 'up', length: 300 }],
    }
    const kept = withoutMadeUp(catalogue, branched)
    expect(kept.nodes).toEqual(branched.nodes)
    expect(kept.legs).toEqual(branched.legs.map(({ madeUp: _, ...leg }) => leg))
  })

  it('is not followed for ever where its pieces lead back to where they began', () => {
    const written = asBuilt(catalogue, across())
    const [first] = written.legs.filter(({ madeUp }) => madeUp)
    const ring: Job = {
      ...written,
      legs: [written.legs[0]!, first!, { ...first!, id: 'back', from: first!.to, to: 'a' }],
    }
    expect(withoutMadeUp(catalogue, ring).legs.map(({ id }) => id)).toContain(first!.id)
  })

  it('is the same job where it holds none', () => {
    const decided = across()
    expect(withoutMadeUp(catalogue, decided)).toBe(decided)
  })
})

it('a leg without pipe has no length of its own', () => {
  const job = across()
  expect(withoutLengthsMade(job)).toBe(job)
  const close: Job = {
    ...job,
    legs: job.legs.map((leg, at) => (at === 1 ? { ...leg, state: 'no pipe', length: 52, tolerance: 3 } : leg)),
  }
  const { tolerance: _, ...plain } = close.legs[1]!
  expect(withoutLengthsMade(close).legs).toEqual([job.legs[0], { ...plain, length: null, tolerance: undefined }])
})

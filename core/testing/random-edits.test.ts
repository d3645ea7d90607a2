import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { askAll } from './ask-all'
import { assemblyOrder } from '../assembly/order'
import { assemblyQuestion } from '../assembly/assembly-question'
import { asBuilt } from '../pipework/as-built'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { bringToHeight } from '../edit/legs/heights'
import { pressKey } from '../edit/legs/entry'
import { countedIds } from './sample-ids'
import type { Job } from '../job/job'
import { jobSchema } from '../job/job-schema'
import { planJob } from '../plan/plan-job'
import { progressOf } from '../plan/progress'
import { jobEditedBy } from './random-edits'
import { pipeId, sampleJob, type SampleRun } from './sample-run'
import { shippedCosts } from '../workshop/costs'
import { chained } from './sample-choice'

const number = fc.nat({ max: 100_000 })
const steps = fc.array(fc.tuple(number, number, number, number), { minLength: 3, maxLength: 24 })

describe('a job, however it was edited', () => {
  it(
    'is planned, put in order, recorded, drained, searched, drawn and printed; it can be saved; its joints hold two parts that stand there',
    () =>
      fc.assert(
        fc.property(steps, (of) => {
          const job = jobEditedBy(of)
          askAll(job)
          const built = asBuilt(catalogue, job)
          expect(asBuilt(catalogue, built)).toBe(built)
          expect(jobSchema.safeParse(JSON.parse(JSON.stringify(job))).error?.issues).toBeUndefined()
          const { joints, parts } = planJob(job, catalogue)
          const portsOf = new Map(parts.map(({ id, ports }) => [id, ports.length]))
          for (const { between } of joints)
            for (const { part, port } of between) {
              expect(port).toBeGreaterThanOrEqual(0)
              expect(portsOf.get(part)).toBeGreaterThan(port)
            }
        }),
        { numRuns: Number(process.env.EDITS ?? 1500) },
      ),
    1_200_000,
  )
})

const pex = pipeId('ASTM F876', '1/2', 'pex-b')
const off = (legs: SampleRun['legs'], existing: readonly string[], t = {}): Job => {
  const job = sampleJob({ pipe: pex, method: 'crimp', legs, nodes: { t: { existing: pex, ...t } } })
  return { ...job, legs: job.legs.map((leg) => (existing.includes(leg.id) ? { ...leg, state: 'existing' } : leg)) }
}
const rings = (job: Job) => planJob(job, catalogue).sundries.map(({ count }) => count)
const isOrdered = (job: Job) =>
  assemblyOrder(assemblyQuestion(catalogue, job, planJob(job, catalogue), { costs: shippedCosts, celsius: 15 })).ok

describe('a tie-in from which existing pipe goes on', () => {
  const along: SampleRun['legs'] = [
    ['tie-in:t', 'east', 1000, 'coupling:c'],
    ['coupling:c', 'east', 500, 'cap:o'],
  ]

  it('is no joint: the coupling where new pipe begins takes two rings, the cap one', () => {
    const job = off(along, ['l1'])
    expect(planJob(job, catalogue).fittings.map(({ label }) => label)).toEqual([
      '1/2 insert coupling',
      '1/2 insert cap',
    ])
    expect(rings(job)).toEqual([3])
    expect(planJob(job, catalogue).joints.map(({ id }) => id)).toEqual(['r1/c/l1', 'r1/c/l2', 'r1/o/l2'])
    expect(isOrdered(job)).toBe(true)
  })

  it('with a tee cut in and a branch drawn: three rings at the tee, one at the branch’s end', () => {
    const job = off(
      [
        ['tie-in:t', 'east', 1000, 'tee:c'],
        ['tee:c', 'east', 500, 'open:e'],
        ['tee:c', 'north', 400, 'cap:o'],
      ],
      ['l1', 'l2'],
    )
    expect(rings(job)).toEqual([4])
    expect(isOrdered(job)).toBe(true)
  })

  it('says so where fittings were chosen there, and asks for none where none were', () => {
    const fitting = chained(['1/2 crimp × 1/2 crimp coupling'], ['crimp', 'crimp'])
    const rules = (job: Job) => planJob(job, catalogue).checks.map(({ rule }) => rule)
    expect(rules(off(along, ['l1'], { fitting }))).toContain('tie-in-goes-on')
    expect(rules(off(along, [], { fitting }))).not.toContain('tie-in-goes-on')
    const unlike = off(along, ['l1'], { existing: pipeId('EN 1057', '15', 0.7) })
    expect(progressOf(unlike, planJob(unlike, catalogue), catalogue).find(({ step }) => step === 'join')?.open).toBe(0)
    const joined = off(along, [], { existing: pipeId('EN 1057', '15', 0.7) })
    expect(progressOf(joined, planJob(joined, catalogue), catalogue).find(({ step }) => step === 'join')?.open).toBe(1)
  })
})

describe('a leg that an edit would make longer than a leg is', () => {
  const job = sampleJob({ pipe: pex, method: 'crimp', legs: [['open:s', 'up', 1000, 'open:e']] })

  it('is refused, by its height or by a move', () => {
    const entry = { run: 'r1', cursor: 'e', direction: null, typed: '720000', problem: '' }
    const entered = pressKey(job, countedIds, entry, { key: 'h' })!
    expect(entered.job).toBe(job)
    expect(entered.entry.problem).toMatch(/^Height: at most .* from here, the longest leg$/)
    expect(() => bringToHeight(job, 'r1', 'e', 720_000)).toThrow(/Length: a leg has at most/)
  })
})

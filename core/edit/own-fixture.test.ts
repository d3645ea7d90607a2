import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { KeptFixture } from '../catalogue/own-fixture'
import { nameChosen } from '../job/chosen'
import type { Job } from '../job/job'
import { readJob } from '../job/read-job'
import { addToJob } from '../patterns/add-to-job'
import { planJob } from '../plan/plan-job'
import { toShutOff } from '../prove/isolation'
import { pipeId, sampleJob } from '../testing/sample-run'
import { describeAnew, leadTo } from './lead-to'

const panel: KeptFixture = {
  id: 'panel',
  name: 'shower panel',
  isShutOff: true,
  ends: [
    {
      id: 'hot',
      name: 'hot',
      water: 'hot',
      system: 'BSP',
      size: '1/2',
      sex: 'M',
      form: 'parallel',
      across: -50,
      up: 0,
    },
    {
      id: 'cold',
      name: 'cold',
      water: 'cold',
      system: 'BSP',
      size: '1/2',
      sex: 'M',
      form: 'parallel',
      across: 50,
      up: 0,
    },
  ],
}
const drawn = (): Job =>
  sampleJob({
    pipe: pipeId('EN 1057', '15', 0.7),
    method: 'solder',
    legs: [
      ['cap:s', 'east', 600, 'tee:t'],
      ['t', 'up', 500, 'outlet:a'],
      ['t', 'east', 100, 'elbow:e'],
      ['e', 'up', 500, 'outlet:b'],
    ],
  })
const led = (job: Job, node: string, end: string) =>
  leadTo(catalogue, job, { run: 'r1', node, to: { kind: 'own', made: 'metric', end }, described: panel })
const both = () => led(led(drawn(), 'a', 'hot'), 'b', 'cold')
const rulesOf = (job: Job) =>
  planJob(job, catalogue)
    .checks.map(({ rule }) => rule)
    .filter((rule) => rule.startsWith('fixture'))

describe('a fixture of one’s own', () => {
  it('is joined as any other: a connector and a washer at each tail, one description for both', () => {
    const job = both()
    const plan = planJob(job, catalogue)
    expect(job.fixtures).toEqual([panel])
    expect(plan.parts.filter(({ kind }) => kind === 'fixture').map(({ label }) => label)).toEqual([
      'shower panel, hot',
      'shower panel, cold',
    ])
    expect(plan.sundries).toEqual([{ item: '1/2 flat washer', label: '1/2 flat washer', count: 2 }])
    expect(rulesOf(job)).toEqual([])
    expect(toShutOff(job)).toEqual(['shower panel'])
    const file: unknown = JSON.parse(JSON.stringify(job))
    expect(readJob(file, catalogue)).toMatchObject({ ok: true, job: file })
  })

  it('is said to stand closer than its outlets where they are drawn further apart', () => {
    const wide = { ...panel, ends: panel.ends.map((end) => ({ ...end, across: end.across * 3 })) }
    expect(rulesOf(describeAnew(catalogue, both(), wide))).toEqual(['fixture-centres'])
  })

  it('described anew gets the fitting that meets it now; an end that is gone leads nowhere', () => {
    const [hot, cold] = panel.ends
    const anew = describeAnew(catalogue, both(), { ...panel, ends: [{ ...hot!, size: '3/4' }] })
    const at = (id: string) => anew.nodes.find((node) => node.id === id)!
    expect(nameChosen(at('a'))?.name).toBe('15 solder × 3/4 F BSP swivel connector')
    expect(at('b').fixture).toBeUndefined()
    expect(cold!.id).toBe('cold')
  })

  it('is not known where nothing describes it, and the plan says so', () => {
    const { fixtures: _, ...lost } = both()
    expect(rulesOf(lost)).toEqual(['fixture-end', 'fixture-end'])
  })

  it('is another one where an outlet leads to this end already', () => {
    const job = led(both(), 'b', 'hot')
    expect(job.nodes.flatMap(({ fixture }) => fixture?.id ?? [])).toEqual(['panel', 'panel 2'])
    expect(job.fixtures!.map(({ id, name }) => `${id}: ${name}`)).toEqual([
      'panel: shower panel',
      'panel 2: shower panel',
    ])
  })

  it('drawn twice into one job is two', () => {
    const twice = addToJob(both(), both())
    expect(twice.fixtures!.map(({ id }) => id)).toEqual(['panel', 'panel 2'])
    expect(new Set(twice.nodes.flatMap(({ fixture }) => fixture?.id ?? []))).toEqual(new Set(['panel', 'panel 2']))
  })
})

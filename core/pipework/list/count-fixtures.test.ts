import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { leadTo } from '../../edit/lead-to'
import { setLeg } from '../../edit/edit-run'
import type { FixtureAt, Job } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob } from '../../testing/sample-run'

const drawn = (): Job =>
  sampleJob({
    pipe: pipeId('EN 1057', '15', 0.7),
    method: 'solder',
    legs: [
      ['outlet:a', 'east', 900, 'tee:t'],
      ['t', 'up', 500, 'outlet:b'],
      ['t', 'east', 150, 'outlet:c'],
    ],
  })
const led = (job: Job, node: string, kind: FixtureAt['kind'], end: string) =>
  leadTo(catalogue, job, { run: 'r1', node, to: { kind, made: 'metric', end } })
const listed = (job: Job) => planJob(job, catalogue).fixtures.map(({ count, label }) => `${count} ${label}`)

describe('the fixtures of a list', () => {
  it('are one for all ends that pipe leads to', () => {
    const basin = led(led(drawn(), 'b', 'basin', 'hot'), 'c', 'basin', 'cold')
    expect(listed(basin)).toEqual(['1 wash basin'])
    expect(listed(led(basin, 'c', 'toilet', 'cold'))).toEqual(['1 wash basin', '1 toilet'])
    expect(listed(led(led(drawn(), 'b', 'toilet', 'cold'), 'c', 'toilet', 'cold'))).toEqual(['2 toilet'])
  })

  it('of a manifold go by the last outlet that pipe leads from', () => {
    const manifold = led(led(drawn(), 'b', 'manifold', 'out-2'), 'c', 'manifold', 'out-5')
    expect(listed(manifold)).toEqual(['1 manifold with 5 outlets'])
    expect(listed(led(drawn(), 'a', 'manifold', 'in'))).toEqual(['1 manifold'])
  })

  it('are not to bring where only existing pipe leads to them', () => {
    const there = drawn().legs.reduce((job, { id }) => setLeg(job, 'r1', id, { state: 'existing' }), drawn())
    expect(listed(led(there, 'b', 'toilet', 'cold'))).toEqual([])
  })
})

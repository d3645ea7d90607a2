import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { Job } from '../../job/job'
import { showerValve } from '../../patterns/calls/shower-valve'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { shippedCosts as costs } from '../../workshop/costs'
import { leadTo } from '../lead-to'
import { endsBeside, stretchFixture } from './stretch-fixture'

const led = (job: Job, node: string, end: string, kind: 'basin' | 'toilet' = 'basin') =>
  leadTo(catalogue, job, { run: 'r1', node, to: { kind, made: 'metric', end } })
const drawn = sampleJob({
  pipe: pipeId('EN 1057', '15', 0.7),
  method: 'solder',
  legs: [
    ['cap:s', 'east', 600, 'tee:t'],
    ['t', 'up', 500, 'outlet:a'],
    ['t', 'east', 150, 'elbow:e'],
    ['e', 'up', 500, 'outlet:b'],
  ],
})
const basin = led(led(drawn, 'a', 'hot'), 'b', 'cold')
const lengths = ({ legs }: Job) => legs.map(({ length }) => length)
const centres = (job: Job) => planJob(job, catalogue).checks.filter(({ rule }) => rule === 'fixture-centres')

describe('a fixture as wide as it was measured', () => {
  it('has its end in the hand 30 farther from the other, and is then as it should be', () => {
    const wide = stretchFixture(basin, { run: 'r1', node: 'b' }, 180)
    expect(lengths(wide)).toEqual([600, 500, 180, 500])
    expect([centres(wide), centres(basin)]).toEqual([[], []])
    // And a basin that was measured at 180 does not hang on pipes 150 apart.
    const back = { ...wide, legs: basin.legs }
    expect(centres(back)).toHaveLength(1)
  })

  it('stretches from either end, and shrinks', () => {
    expect(lengths(stretchFixture(basin, { run: 'r1', node: 'a' }, 120))).toEqual([630, 500, 120, 500])
  })

  it('finds the ends beside each other in runs that begin at fixed points', () => {
    let last = 0
    const to = { catalogue, costs, units: 'metric', title: 'Shower', ids: (of: string) => `${of}${++last}` } as const
    const job = showerValve.draw({}, to)
    const hot = job.nodes.find(({ fixture }) => fixture?.id === 'valve' && fixture.end === 'hot')!
    expect(endsBeside(job, hot.id)?.between).toEqual([-90, 0, 0])
    // The pipe that comes along to the valve is 30 shorter.
    const wide = stretchFixture(job, { run: hot.run, node: hot.id }, 120)
    expect(
      lengths(wide).flatMap((length, at) => (length === lengths(job)[at] ? [] : [length! - lengths(job)[at]!])),
    ).toEqual([-30])
  })

  it('is not asked of what has one end, and refused where nothing says how far apart they are', () => {
    expect(endsBeside(led(drawn, 'a', 'cold', 'toilet'), 'a')).toBeNull()
    const two = { ...basin, legs: basin.legs.filter(({ from }) => from !== 't') }
    expect(() => stretchFixture(two, { run: 'r1', node: 'b' }, 180)).toThrow(/^How far apart: /)
  })
})

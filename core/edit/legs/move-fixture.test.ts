import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { Job } from '../../job/job'
import { showerValve } from '../../patterns/calls/shower-valve'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { shippedCosts as costs } from '../../workshop/costs'
import { leadTo } from '../lead-to'
import { moveFixture } from './move-node'

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
const led = (job: Job, node: string, end: string) =>
  leadTo(catalogue, job, { run: 'r1', node, to: { kind: 'basin', made: 'metric', end } })
const basin = led(led(drawn, 'a', 'hot'), 'b', 'cold')
const lengths = ({ legs }: Job) => legs.map(({ length }) => length)

describe('moving a fixture', () => {
  it('moves all of its outlets: up by 100 both risers are longer, and nothing else', () => {
    expect(lengths(moveFixture(basin, 'basin', [0, 0, 100]))).toEqual([600, 600, 150, 600])
  })

  it('along the wall the pipe to both follows, and their distance stays', () => {
    expect(lengths(moveFixture(basin, 'basin', [50, 0, 0]))).toEqual([650, 500, 150, 500])
    expect(lengths(moveFixture(moveFixture(basin, 'basin', [50, 0, 0]), 'basin', [-50, 0, 0]))).toEqual(lengths(basin))
  })

  it('of no such name leaves the job as it is, and a leg keeps something', () => {
    expect(moveFixture(basin, 'sink', [50, 0, 0])).toEqual(basin)
    expect(() => moveFixture(basin, 'basin', [0, 0, -500])).toThrow(/only 500.mm/)
  })

  it('takes the fixed points of its own outlets with it, in every run', () => {
    let last = 0
    const ids = (prefix: string) => `${prefix}${++last}`
    const valve = showerValve.draw({}, { ...{ catalogue, costs, units: 'metric', title: 'Shower' }, ids })
    const up = moveFixture(valve, 'valve', [0, 0, 80])
    const heights = ({ nodes }: Job) =>
      nodes.flatMap(({ fixture, at }) => (fixture?.id === 'valve' && at ? [at[2]] : []))
    expect(heights(up)).toEqual(heights(valve).map((height) => height + 80))
    // Hot and cold come up to it, and what goes on to the arm is so much shorter.
    const changed = lengths(up).flatMap((length, at) => {
      const before = lengths(valve)[at]!
      return length === before ? [] : [length! - before]
    })
    expect(changed).toEqual([80, 80, -80])
  })
})

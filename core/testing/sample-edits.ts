import { countedIds } from './sample-ids'
import type { Vector } from '../quantity/vector'
import fc from 'fast-check'
import { expect } from 'vitest'
import { addLeg } from '../edit/edit-run'
import type { Axis, Job } from '../job/job'
import { pipeId, sampleJob, type SampleRun, withCopy } from './sample-run'
import { layOut } from '../run/layout'
import { systemsOf } from '../job/system'

export const job = (legs: SampleRun['legs'], nodes: SampleRun['nodes'] = {}): Job =>
  sampleJob({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs, nodes })
/** The same with another run before it, in which nothing may be looked for. */
export function besideAnother(of: Job): Job {
  const both = withCopy(of, 'r0')
  return {
    ...both,
    runs: both.runs.toReversed(),
    nodes: both.nodes.map((node) => (node.run === 'r0' ? { ...node, kind: 'union' } : node)),
    legs: both.legs.map((leg) =>
      leg.run === 'r0' ? { ...leg, direction: { bearing: 17, pitch: 5 }, length: 77 } : leg,
    ),
  }
}
export const places = (of: Job, run = 0) => layOut(systemsOf(of)[run]!).places
export const lengths = (of: Job, run = 0) => systemsOf(of)[run]!.legs.map(({ length }) => length)
export const near = (place: Vector | undefined, at: Vector) =>
  at.forEach((value, axis) => expect(place?.[axis]).toBeCloseTo(value, 3))

/** East 1000 to a tee; on 500 east to an outlet, 400 up to a second one. */
export const branched = job([
  ['tie-in:s', 'east', 1000, 'tee:t'],
  ['tee:t', 'east', 500, 'outlet:a'],
  ['tee:t', 'up', 400, 'outlet:b'],
])

/** Random runs of axis legs that never turn straight back. */
export const walks = fc
  .array(fc.record({ turn: fc.integer({ min: 0, max: 3 }), length: fc.integer({ min: 600, max: 3000 }) }), {
    minLength: 2,
    maxLength: 8,
  })
  .map((steps) => {
    const squares = {
      x: ['north', 'up', 'south', 'down'],
      y: ['east', 'up', 'west', 'down'],
      z: ['east', 'north', 'west', 'south'],
    } as const
    let made = addLeg(job([['open:s', 'east', 800, 'open:e']]), countedIds, 'r1', {
      from: 'e',
      direction: 'north',
      length: 700,
    })
    let plane: keyof typeof squares = 'y'
    for (const { turn, length } of steps) {
      const direction: Axis = squares[plane][turn]!
      made = addLeg(made.job, countedIds, 'r1', { from: made.node, direction, length })
      plane =
        direction === 'up' || direction === 'down' ? 'z' : direction === 'east' || direction === 'west' ? 'x' : 'y'
    }
    return made.job
  })

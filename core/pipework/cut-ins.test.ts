import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { MethodId } from '../methods/ids'
import type { Job } from '../job/job'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'

const [copper22, copper15] = [pipeId('EN 1057', '22', 0.9), pipeId('EN 1057', '15', 0.7)]
/** A reducer put in where 22 goes over into 15, both of them there. */
function reducer(pipes: readonly [string, string], method: MethodId): Job {
  const drawn = sampleJob({
    pipe: pipes[0],
    method,
    legs: [
      ['open:s', 'east', 1000, 'reducer:r'],
      ['reducer:r', 'east', 800, 'open:e'],
    ],
    nodes: { r: { state: 'new' } },
  })
  const legs = drawn.legs.map((leg, at) => ({ ...leg, state: 'existing' as const, pipe: pipes[at] }))
  return { ...drawn, legs }
}

describe('the play that a fitting between two held ends needs', () => {
  it('is the shorter of its two depths, with what that may be off', () => {
    const [cutIn] = planJob(reducer([copper22, copper15], 'solder'), catalogue).cutIns
    expect(cutIn!.ends.map(({ mark }) => mark!.mm)).toEqual([15.4, 10.6])
    expect(cutIn!.playNeeded).toBeCloseTo(10.6 + 1, 6)
  })

  it('is none where the fitting slides over the gap, or is made up across it', () => {
    const joined = (kind: 'slip-coupling' | 'union' | 'coupling') => {
      const job = reducer([copper22, copper22], 'compression')
      return planJob(
        { ...job, nodes: job.nodes.map((node) => (node.id === 'r' ? { ...node, kind } : node)) },
        catalogue,
      )
    }
    expect(joined('slip-coupling').cutIns[0]!.playNeeded).toBeNull()
    expect(joined('union').cutIns[0]!.playNeeded).toBeNull()
    expect(joined('coupling').cutIns[0]!.playNeeded).toBeCloseTo(18 + 1.5, 6)
  })

  it('is not known where no depth is', () => {
    const steel = pipeId('EN 10255', '3/4')
    const [cutIn] = planJob(reducer([steel, steel], 'crimp'), catalogue).cutIns
    expect(cutIn).toMatchObject({ playNeeded: null, remove: null })
    expect(cutIn!.ends.map(({ mark }) => mark)).toEqual([null, null])
  })
})

describe('what is left of existing pipe to its next fitting', () => {
  /** A tee put into existing pipe that comes up from an elbow and goes on out of sight. */
  function above(elbow: { drawn: 'from it' | 'to it'; length: number | null; method: MethodId; at?: MethodId }): Job {
    const { drawn, length, method, at = method } = elbow
    const job = sampleJob({
      pipe: copper22,
      method,
      legs: [
        ['open:s', 'east', 1000, 'elbow:b'],
        drawn === 'from it' ? ['b', 'north', 100, 'tee:t'] : ['tee:t', 'south', 100, 'b'],
        ['t', 'north', 700, 'open:e'],
        ['t', 'west', 300, 'open:o'],
      ],
      nodes: { b: { state: 'existing', method: at }, t: { state: 'new' } },
    })
    const legs = job.legs.map((leg, index) => (index < 3 ? { ...leg, state: 'existing' as const } : leg))
    return { ...job, legs: legs.map((leg) => (leg.id === 'l2' ? { ...leg, length } : leg)) }
  }
  const stubs = (job: Job) =>
    planJob(job, catalogue).cutIns[0]!.ends.map(({ stub, stubNeeded }) => [
      stub === null ? null : Math.round(stub * 10) / 10,
      stubNeeded,
    ])

  it.each([
    // The tee's centre to face, the elbow's and what already goes into the elbow.
    ['solder', 100 - 12.5 - 14.6 - 15.4, 15.4],
    ['press-metal', 100 - 14 - 28.1 - 23, 23 + 20],
    ['compression', 100 - 14 - 19.3 - 18, 18 + 35],
    ['push-fit', 100 - 14 - 18.2 - 31, 31 + 10],
  ] as const)('%s: %d of 100 centre to centre; the joint and its tool want %d', (method, stub, needed) => {
    for (const drawn of ['from it', 'to it'] as const)
      expect(stubs(above({ drawn, length: 100, method }))).toEqual([
        [Math.round(stub * 10) / 10, needed],
        [null, needed],
      ])
  })

  it('is not known where the length is not, or the figures of the next fitting are not', () => {
    expect(stubs(above({ drawn: 'to it', length: null, method: 'solder' }))[0]).toEqual([null, 15.4])
    expect(stubs(above({ drawn: 'to it', length: 100, method: 'solder', at: 'crimp' }))[0]).toEqual([null, 15.4])
  })
})

import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { openEnds } from '../log/proven'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { closedParts, scopeOf } from './closed-parts'
import { riseUnderTest } from './height'
import { segmentsUnderTest } from './plan-system'

const copper = pipeId('EN 1057', '22', 0.9)
/** A trunk up to a tee; beyond it a valve with a tap, and a tap without a valve. */
const job = sampleJob({
  pipe: copper,
  method: 'solder',
  legs: [
    ['cap:s', 'up', 2000, 'tee:t'],
    ['tee:t', 'east', 500, 'valve:v'],
    ['valve:v', 'east', 1000, 'outlet:a'],
    ['tee:t', 'north', 300, 'outlet:b'],
  ],
})
const [trunk, branch] = closedParts(job)

describe('the parts that valves close off', () => {
  it('end at a valve, and nowhere else', () => {
    expect(closedParts(job)).toHaveLength(2)
    expect(trunk).toMatchObject({ legs: ['r1/l1', 'r1/l2', 'r1/l4'], valves: ['v'], ends: ['s', 'b'] })
    expect(branch).toMatchObject({ id: 'r1/l3', legs: ['r1/l3'], valves: ['v'], ends: ['a'] })
  })

  it('are as many as there are systems where no valve parts anything', () => {
    const ring = sampleJob({
      pipe: copper,
      method: 'solder',
      legs: [
        ['valve:v', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 1000, 'elbow:b'],
        ['elbow:b', 'west', 1000, 'elbow:c'],
        ['elbow:c', 'south', 1000, 'valve:v'],
      ],
    })
    expect(closedParts(ring).map(({ valves }) => valves)).toEqual([[]])
    expect(closedParts(withCopy(ring, 'r2')).map(({ id }) => id)).toEqual(['r1/l1', 'r2/l1'])
  })

  it('leave out what comes out', () => {
    const without = {
      ...job,
      legs: job.legs.map((leg, at) => (at === 2 ? { ...leg, state: 'comes out' as const } : leg)),
    }
    expect(closedParts(without).map(({ legs }) => legs)).toEqual([['r1/l1', 'r1/l2', 'r1/l4']])
  })

  it('are what a test is of: their pipe, their rise; all, where all are chosen', () => {
    const all = closedParts(job)
    expect(scopeOf(all, all)).toEqual({})
    const scope = scopeOf(all, [branch!])
    expect(segmentsUnderTest(job, scope)).toEqual([{ pipe: copper, metres: 1 }])
    expect(riseUnderTest(job, scope)).toBe(0)
    expect(riseUnderTest(job, scopeOf(all, [trunk!]))).toBe(2000)
  })

  it('of a plan without the valve they stand open where it was', () => {
    const valveGone = {
      ...job,
      nodes: job.nodes.map((node) => (node.id === 'v' ? { ...node, kind: 'coupling' as const } : node)),
    }
    const scope = scopeOf([trunk!, branch!], [branch!])
    expect(openEnds(job, planJob(job, catalogue), scope)).toEqual([])
    expect(openEnds(valveGone, planJob(valveGone, catalogue), scope)).toEqual(['v'])
  })
})

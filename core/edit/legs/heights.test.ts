import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { said } from '../../testing/said'
import { shippedCatalogue } from '../../catalogue/catalogue'
import { planJob } from '../../plan/plan-job'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { heightErrors } from '../../run/heights'
import { bringToHeight } from './heights'
import { layOut } from '../../run/layout'
import { systemsOf } from '../../job/system'

/** Up 300 from the start, along 1000 to a tee, a branch up 640 to a basin, on 400 and up 200 to a sink. */
const job = sampleJob({
  pipe: pipeId('EN 1057', '15', 0.7),
  method: 'solder',
  legs: [
    ['tie-in:s', 'up', 300, 'elbow:a'],
    ['elbow:a', 'east', 1000, 'tee:t'],
    ['tee:t', 'up', 640, 'outlet:basin'],
    ['tee:t', 'east', 400, 'elbow:b'],
    ['elbow:b', 'up', 200, 'outlet:sink'],
  ],
})
const heightOf = (of: typeof job, node: string) => layOut(systemsOf(of)[0]!).places.get(node)![2]

describe('outlets at fixed heights', () => {
  it('the upright leg to the outlet follows: from 940 to 1100 it is 800 long, and the other outlet stays', () => {
    const at = bringToHeight(job, 'r1', 'basin', 1100)
    expect(at.legs.map(({ length }) => length)).toEqual([300, 1000, 800, 400, 200])
    expect(at.nodes.find(({ id }) => id === 'basin')?.height).toBe(1100)
  })

  it('every height that its leg has room for is reached, and no other outlet moves', () => {
    fc.assert(
      fc.property(fc.integer({ min: 301, max: 5000 }), (height) => {
        const at = bringToHeight(job, 'r1', 'sink', height)
        expect(heightOf(at, 'sink')).toBeCloseTo(height, 6)
        expect(heightOf(at, 'basin')).toBe(940)
        expect(heightErrors(layOut(systemsOf(at)[0]!))).toEqual([])
      }),
    )
  })

  it('says when a leg has no length left, or no upright leg leads there', () => {
    expect(() => bringToHeight(job, 'r1', 'sink', 300)).toThrow(/has only 200/)
    const level = sampleJob({
      pipe: job.runs[0]!.pipe,
      method: 'solder',
      legs: [['tie-in:s', 'east', 900, 'outlet:o']],
    })
    expect(() => bringToHeight(level, 'r1', 'o', 50)).toThrow(/no upright leg/)
  })

  it('the plan says what stands at another height than it should', () => {
    const fixed = bringToHeight(job, 'r1', 'basin', 1100)
    const lower = {
      ...fixed,
      legs: fixed.legs.map((leg) => (leg.id === 'l1' ? { ...leg, length: 280 } : leg)),
    }
    const check = planJob(lower, shippedCatalogue).checks.find(({ rule }) => rule === 'height')
    expect(said(check)).toBe('stands 20 mm too low for its height of 1 100 mm')
  })
})

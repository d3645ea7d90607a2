import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { profiles } from '../workshop/profile'
import { distance, type Vector } from '../quantity/vector'
import { pipeId } from '../testing/sample-run'
import { heatReach, type PlacedJoint } from './heat-reach'
import type { PlanJoint } from '../pipework/planned'

const pipe = shippedCatalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const joint = (id: string, more: Partial<PlacedJoint> & { method?: string; node?: string } = {}): PlacedJoint => {
  const { method = 'solder', node = id, ...rest } = more
  return { joint: { id, method, node } as PlanJoint, pipe, run: 'r1', place: [0, 0, 0], wet: false, ...rest }
}
const reached = (...joints: PlacedJoint[]) =>
  Object.fromEntries([...heatReach(joints, profiles.metric)].map(([id, within]) => [id, [...within].toSorted()]))

describe('what a flame reaches', () => {
  it('a press coupling 200 from a soldered tee is within 450; it has no flame of its own', () => {
    const press = joint('press', { method: 'press-metal', place: [200, 0, 0] })
    expect(reached(joint('tee'), press)).toEqual({ tee: ['press'] })
  })

  it('what stands at the distance is out of reach, and what is nearer is not', () => {
    const at = (mm: number) => joint('a', { place: [mm, 0, 0], method: 'push-fit' })
    expect(reached(joint('flame'), at(450)).flame).toEqual([])
    expect(reached(joint('flame'), at(449)).flame).toEqual(['a'])
    expect(reached(joint('flame', { place: [-10, -10, -10] }), at(430)).flame).toEqual(['a'])
  })

  it('is nothing where all near it is kept wet, nor in another run', () => {
    expect(reached(joint('flame', { wet: true }), joint('a', { method: 'push-fit' }))).toEqual({})
    expect(reached(joint('flame'), joint('a', { run: 'r2', method: 'push-fit' })).flame).toEqual([])
  })

  it('where no place is known, it is what is at the same node', () => {
    const lost = (id: string, node: string) => joint(id, { place: null, node })
    expect(reached(lost('a', 'n'), lost('b', 'n'), lost('c', 'm'))).toEqual({ a: ['b'], b: ['a'], c: [] })
  })

  it('is as if every joint were measured against every other', () => {
    const along = fc.integer({ min: -1200, max: 1200 })
    const place: fc.Arbitrary<Vector> = fc.tuple(along, along, along)
    fc.assert(
      fc.property(fc.array(place, { maxLength: 40 }), (places) => {
        const joints = places.map((at, index) => joint(`j${index}`, { place: at }))
        for (const [id, within] of heatReach(joints, profiles.metric)) {
          const from = joints.find((of) => of.joint.id === id)!
          const near = joints.filter((of) => of !== from && distance(of.place!, from.place!) < 450)
          expect([...within].toSorted()).toEqual(near.map((of) => of.joint.id).toSorted())
        }
      }),
    )
  })
})

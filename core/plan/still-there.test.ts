import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { removeLeg, removeRun, setKind } from '../edit/edit-run'
import { planJob } from './plan-job'
import { pipeId, sampleJob } from '../testing/sample-run'
import { planStillThere } from './still-there'

const job = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'elbow:b'],
    ['elbow:b', 'up', 700, 'cap:e'],
  ],
})
const plan = planJob(job, catalogue)

describe('a plan of the text before', () => {
  it('says all of a job that has not changed', () => expect(planStillThere(plan, job)).toEqual(plan))

  it('says nothing of what was taken away since, and all of what stands', () => {
    const last = job.legs.at(-1)!
    const left = planStillThere(plan, removeLeg(job, 'r1', last.id))
    expect(left.pieces.map(({ legs }) => legs.length)).toEqual([1, 1])
    expect(left.joints.map(({ node }) => node)).toEqual(['a', 'a', 'b'])
    expect(left.parts.map(({ id }) => id)).toEqual(['P1', 'P2', 'r1/a', 'r1/b'])
    expect(left.supports.map(({ leg }) => leg)).toEqual(job.legs.slice(0, 2).map(({ id }) => id))
    const none = planStillThere(plan, removeRun(job, 'r1'))
    expect([none.pieces, none.joints, none.parts, none.supports, none.checks]).toEqual([[], [], [], [], []])
  })

  it('says nothing of a bent piece one of whose legs was taken away', () => {
    const bent = setKind(job, 'r1', 'b', { kind: 'bend', radius: 88 })
    const before = planJob(bent, catalogue)
    expect(before.pieces.map(({ legs }) => legs.length)).toEqual([1, 2])
    const left = planStillThere(before, removeLeg(bent, 'r1', job.legs.at(-1)!.id))
    expect(left.pieces.map(({ id }) => id)).toEqual(['P1'])
    expect(left.parts.map(({ id }) => id)).toEqual(['P1', 'r1/a'])
    expect(left.joints.map(({ id }) => id)).toEqual(['r1/a/l1'])
  })

  it('says nothing of a tee put into pipe of which a part is gone, of what comes out no more, and of places that went', () => {
    const drawn = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['tie-in:s', 'east', 1000, 'tee:t'],
        ['t', 'east', 700, 'tie-in:o'],
        ['t', 'north', 300, 'cap:c'],
        ['o', 'east', 400, 'cap:d'],
      ],
      nodes: { s: { at: [0, 0, 0] }, o: { at: [1710, 0, 0] } },
    })
    const states = ['existing', 'existing', undefined, 'comes out'] as const
    const whole = { ...drawn, legs: drawn.legs.map((leg, at) => ({ ...leg, state: states[at] })) }
    const before = planJob(whole, catalogue)
    expect([before.cutIns, before.closing].map((list) => list.length)).toEqual([1, 1])
    expect(before.removed.filter(({ leg }) => leg !== undefined)).toHaveLength(1)
    expect(before.checks.length).toBeGreaterThan(0)
    expect(planStillThere(before, whole)).toEqual(before)
    const lacking = (change: Partial<typeof whole>) => planStillThere(before, { ...whole, ...change })
    const legs = (id: string) => ({ legs: whole.legs.filter((leg) => leg.id !== id) })
    const nodes = (id: string) => ({ nodes: whole.nodes.filter((node) => node.id !== id) })
    expect(lacking(legs('l2')).cutIns).toEqual([])
    expect(lacking(legs('l3')).cutIns).toEqual(before.cutIns)
    expect(lacking(nodes('t')).cutIns).toEqual([])
    expect(lacking(legs('l4')).removed.filter(({ leg }) => leg !== undefined)).toEqual([])
    const gone = lacking({ runs: [] })
    expect([gone.cutIns, gone.closing, gone.removed, gone.checks]).toEqual([[], [], [], []])
  })
})

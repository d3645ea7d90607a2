import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { removeLeg, removeRun, setNode } from '../edit/edit-run'
import { planJob } from './plan-job'
import { pipeId, sampleJob } from '../sample-run'
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
    const bent = setNode(job, 'r1', 'b', { kind: 'bend', radius: 88 })
    const before = planJob(bent, catalogue)
    expect(before.pieces.map(({ legs }) => legs.length)).toEqual([1, 2])
    const left = planStillThere(before, removeLeg(bent, 'r1', job.legs.at(-1)!.id))
    expect(left.pieces.map(({ id }) => id)).toEqual(['P1'])
    expect(left.parts.map(({ id }) => id)).toEqual(['P1', 'r1/a'])
    expect(left.joints.map(({ id }) => id)).toEqual(['r1/a/l1'])
  })
})

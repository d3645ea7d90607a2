import { countedIds } from '../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { pipeId, sampleJob } from '../testing/sample-run'
import { addLeg, setLeg, setNode, setRun } from './edit-run'
import type { MethodId } from '../methods/ids'
import type { Job, Node } from '../job/job'
import { byName, chained } from '../testing/sample-choice'
import { clashKey, mergeJobs, saysTheSame } from './merge'

const base = sampleJob({
  pipe: pipeId('EN 1057', '22', 0.9),
  method: 'solder',
  legs: [
    ['tie-in:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 500, 'elbow:b'],
    ['elbow:b', 'up', 700, 'outlet:e'],
  ],
})
const longer = (job: Job, leg: string, length: number): Job => setLeg(job, 'r1', leg, { length })
const paths = (mine: Job, theirs: Job, of: Job | null = base) => mergeJobs(of, mine, theirs).clashes.map(clashKey)

describe('whether two parts say the same', () => {
  it.each<[unknown, unknown, boolean]>([
    [{ a: 1, b: [1, 2] }, { b: [1, 2], a: 1 }, true],
    [{ a: 1 }, { a: 1, b: undefined }, true],
    [{ a: 1 }, { a: 2 }, false],
    [[1, 2], [2, 1], false],
    [[1], { 0: 1 }, false],
    [{ 0: 1 }, [1], false],
    [null, {}, false],
    [1, '1', false],
  ])('%j and %j: %s', (one, other, same) => expect(saysTheSame(one, other)).toBe(same))
})

describe('two versions of a job', () => {
  it('a list of figures, or of things without ids, is one thing', () => {
    const at = (...place: [number, number, number]) => setNode(base, 'r1', 'e', { at: place })
    expect(mergeJobs(at(0, 0, 0), at(5, 0, 0), at(0, 7, 0)).clashes).toEqual([
      { path: ['nodes', 'e', 'at'], mine: [5, 0, 0], theirs: [0, 7, 0] },
    ])
    expect(mergeJobs(at(0, 0, 0), at(5, 0, 0), at(0, 0, 0)).job).toEqual(at(5, 0, 0))
    const tools = (...methods: MethodId[]): Job => ({ ...base, tools: methods.map((method) => ({ method })) })
    expect(paths(tools('solder', 'crimp'), tools('solder', 'clamp'), tools('solder'))).toEqual(['tools'])
    expect(mergeJobs(tools(), tools('crimp'), tools()).job).toEqual(tools('crimp'))
  })

  it('that touch different things are brought together', () => {
    const mine = { ...longer(base, 'l1', 1200), title: 'Mine' }
    const theirs = { ...setRun(longer(base, 'l3', 650), 'r1', { name: 'Riser' }), note: 'by the stairs' }
    const { job, clashes } = mergeJobs(base, mine, theirs)
    expect(clashes).toEqual([])
    expect(job).toEqual({ ...setRun(longer(theirs, 'l1', 1200), 'r1', { name: 'Riser' }), title: 'Mine' })
  })

  it('of one leg its length and its pipe may come from either side', () => {
    const theirs = setLeg(base, 'r1', 'l2', { pipe: 'other' })
    const { job, clashes } = mergeJobs(base, longer(base, 'l2', 480), theirs)
    expect(clashes).toEqual([])
    expect(job.legs[1]).toMatchObject({ length: 480, pipe: 'other' })
  })

  it('that change one thing alike do not clash; that change it otherwise do, and what is chosen holds', () => {
    expect(paths(longer(base, 'l1', 1200), longer(base, 'l1', 1200))).toEqual([])
    const [mine, theirs] = [longer(base, 'l1', 1200), longer(base, 'l1', 1300)]
    const { clashes, job } = mergeJobs(base, mine, theirs)
    expect(clashes).toEqual([{ path: ['legs', 'l1', 'length'], mine: 1200, theirs: 1300 }])
    expect(job).toEqual(mine)
    expect(mergeJobs(base, mine, theirs, new Set(clashes.map(clashKey))).job).toEqual(theirs)
  })

  it('a chosen fitting is one thing: half of one choice and half of another is neither', () => {
    const chosen = (fitting: Node['fitting']) => setNode(base, 'r1', 'e', { fitting })
    const mine = chosen(chained(['22 solder × 22 solder coupling'], ['solder', 'solder']))
    const merged = mergeJobs(base, mine, chosen(byName('22 solder cap')))
    expect(merged.clashes.map(clashKey)).toEqual(['nodes/e/fitting'])
    expect(merged.job.nodes).toEqual(mine.nodes)
  })
  it('a direction is one thing', () => {
    const turned = (bearing: number, pitch: number) => setLeg(base, 'r1', 'l2', { direction: { bearing, pitch } })
    expect(mergeJobs(turned(10, 0), turned(20, 0), turned(10, 5)).clashes.map(clashKey)).toEqual(['legs/l2/direction'])
  })

  it('what one side took away and the other changed is a clash; what it left alone goes', () => {
    const without = { ...base, legs: base.legs.filter(({ id }) => id !== 'l3') }
    expect(mergeJobs(base, without, longer(base, 'l1', 900)).job.legs.map(({ id }) => id)).toEqual(['l1', 'l2'])
    const { clashes } = mergeJobs(base, without, longer(base, 'l3', 900))
    expect(clashes).toMatchObject([{ path: ['legs', 'l3'], mine: undefined, theirs: { length: 900 } }])
  })

  it('what each side drew stands after what it was drawn after', () => {
    const drawn = (id: string, after: number): Job => ({
      ...base,
      nodes: base.nodes.toSpliced(after, 0, { id, run: 'r1', kind: 'open' }),
    })
    const ids = (mine: Job, theirs: Job) => mergeJobs(base, mine, theirs).job.nodes.map(({ id }) => id)
    expect(ids(drawn('x', 1), drawn('y', 4))).toEqual(['s', 'x', 'a', 'b', 'e', 'y'])
    expect(ids(drawn('x', 0), drawn('y', 4))).toEqual(['x', 's', 'a', 'b', 'e', 'y'])
    expect(ids(drawn('y', 4), drawn('x', 1))).toEqual(['s', 'x', 'a', 'b', 'e', 'y'])
  })

  it('one name for two new things is a clash', () => {
    const east = addLeg(base, countedIds, 'r1', { from: 'e', direction: 'east', length: 300 }).job
    const north = addLeg(base, countedIds, 'r1', { from: 'e', direction: 'north', length: 400 }).job
    expect(paths(east, north).toSorted()).toEqual(['legs/l4/direction', 'legs/l4/length'])
  })

  it('without what both were made from, all that differs is a clash', () => {
    expect(paths({ ...base, title: 'Mine' }, longer(base, 'l1', 5), null).toSorted()).toEqual([
      'legs/l1/length',
      'title',
    ])
  })

  it('with one side unchanged the other holds, whichever it is; and sides may be changed over', () => {
    const change = fc.record({
      leg: fc.constantFrom('l1', 'l2', 'l3'),
      length: fc.integer({ min: 1, max: 9 }),
      title: fc.constantFrom('A', 'B', 'C'),
    })
    const made = ({ leg, length, title }: { leg: string; length: number; title: string }): Job => ({
      ...longer(base, leg, length),
      title,
    })
    fc.assert(
      fc.property(change, change, (one, other) => {
        const [mine, theirs] = [made(one), made(other)]
        expect(mergeJobs(base, mine, base)).toEqual({ job: mine, clashes: [] })
        expect(mergeJobs(base, base, theirs)).toEqual({ job: theirs, clashes: [] })
        const there = mergeJobs(base, mine, theirs)
        const back = mergeJobs(base, theirs, mine, new Set(there.clashes.map(clashKey)))
        expect(back.job).toEqual(there.job)
        expect(back.clashes.map(clashKey).toSorted()).toEqual(there.clashes.map(clashKey).toSorted())
      }),
    )
  })
})

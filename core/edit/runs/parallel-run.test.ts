import { countedIds } from '../../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { addParallelRun } from './parallel-run'
import { systemsOf } from '../../job/system'
import { job, lengths, walks } from '../../testing/sample-edits'
import { byName } from '../../testing/sample-choice'
import { armsChosen } from '../../job/chosen'

describe('a run beside another', () => {
  it('is longer on the outside of a turn: 1000 and 500 become 1100 and 600', () => {
    const { job: both, run } = addParallelRun(
      job([
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'open:e'],
      ]),
      countedIds,
      'r1',
      { spacing: 100, towards: [0, -1, 0] },
    )
    expect(both.runs[1]?.id).toBe(run)
    expect(lengths(both, 1)).toEqual([1100, 600])
  })

  it('is refused beside nothing, at no distance, and where its side is not square to the first leg', () => {
    const one = job([['open:s', 'east', 1000, 'open:e']])
    const beside =
      (spacing: number, towards: [number, number, number], of = one) =>
      () =>
        addParallelRun(of, countedIds, 'r1', { spacing, towards })
    expect(beside(100, [0, 1, 0], { ...one, legs: [] })).toThrow(RangeError)
    expect(beside(100, [0, 1, 0], { ...one, runs: [] })).toThrow(RangeError)
    expect(beside(0, [0, 1, 0])).toThrow(RangeError)
    expect(beside(-5, [0, 1, 0])).toThrow(RangeError)
    expect(beside(0.5, [0, 1, 0])).not.toThrow()
    expect(beside(100, [1, 0, 0])).toThrow(RangeError)
    expect(beside(100, [-1, 0, 0])).toThrow(RangeError)
  })

  it('keeps its lengths where it lies square to the plane of the turn', () => {
    const { job: both } = addParallelRun(
      job([
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'open:e'],
      ]),
      countedIds,
      'r1',
      { spacing: 100, towards: [0, 0, 1] },
    )
    expect(lengths(both, 1)).toEqual([1000, 500])
  })

  it('begins at the spacing from where the first one is fixed, on the side that is named', () => {
    const fixed = (direction: 'east' | 'north', side: readonly [number, number, number]) => {
      const { job: both } = addParallelRun(
        job([['open:s', direction, 1000, 'open:e']], { s: { at: [10, 20, 30] } }),
        countedIds,
        'r1',
        { spacing: 50, towards: side },
      )
      return systemsOf(both)[1]!.nodes[0]!.at
    }
    expect(fixed('north', [1, 0, 0])).toEqual([60, 20, 30])
    expect(fixed('east', [0, -1, 0])).toEqual([10, -30, 30])
    expect(fixed('east', [0, 0, 1])).toEqual([10, 20, 80])
  })

  it('turns where a leg goes on after a straight one, and not before', () => {
    const { job: both } = addParallelRun(
      job([
        ['open:s', 'east', 1000, 'coupling:c'],
        ['coupling:c', 'east', 700, 'elbow:a'],
        ['elbow:a', 'north', 500, 'open:e'],
      ]),
      countedIds,
      'r1',
      { spacing: 100, towards: [0, -1, 0] },
    )
    expect(lengths(both, 1)).toEqual([1000, 800, 600])
  })

  it('turns wherever the first one turns, in the same directions, at the spacing', () => {
    fc.assert(
      fc.property(walks, (walk) => {
        const { job: both } = addParallelRun(walk, countedIds, 'r1', { spacing: 60, towards: [0, 0, 1] })
        expect(systemsOf(both)[1]!.legs.map(({ direction }) => direction)).toEqual(
          walk.legs.map(({ direction }) => direction),
        )
      }),
    )
  })

  it('says when there is no room for it, or the side is along the pipe', () => {
    const tight = job([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 80, 'elbow:b'],
      ['elbow:b', 'west', 900, 'open:e'],
    ])
    expect(() => addParallelRun(tight, countedIds, 'r1', { spacing: 100, towards: [0, 1, 0] })).toThrow(
      /leg 2.*no length left/,
    )
    expect(() => addParallelRun(tight, countedIds, 'r1', { spacing: 40, towards: [0, 1, 0] })).toThrow(/no length left/)
    expect(lengths(addParallelRun(tight, countedIds, 'r1', { spacing: 39, towards: [0, 1, 0] }).job, 1)[1]).toBe(2)
    expect(() => addParallelRun(tight, countedIds, 'r1', { spacing: 100, towards: [1, 0, 0] })).toThrow(/Side/)
  })

  it('has what stands on the arms of a named fitting on its own legs', () => {
    const arm = { fittings: ['22 solder × 1/2 M BSP adapter'], method: 'solder' as const }
    const of = job(
      [
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'open:e'],
      ],
      { a: { fitting: byName('1/2 BSP thread × 1/2 F BSP elbow 90', { l2: arm }) } },
    )
    const { job: both, run } = addParallelRun(of, countedIds, 'r1', { spacing: 100, towards: [0, -1, 0] })
    const beside = both.nodes.find((node) => node.run === run && node.fitting)!
    const leg = both.legs.find(({ run: is, from }) => is === run && from === beside.id)!
    expect(armsChosen(beside)).toEqual({ [leg.id]: arm })
  })

  it('of a line that closes closes too: 1000 square, 100 inside it, is 800 square', () => {
    const square = job([
      ['elbow:a', 'east', 1000, 'elbow:b'],
      ['b', 'north', 1000, 'elbow:c'],
      ['c', 'west', 1000, 'elbow:d'],
      ['d', 'south', 1000, 'a'],
    ])
    const { job: both } = addParallelRun(square, countedIds, 'r1', { spacing: 100, towards: [0, 1, 0] })
    expect(lengths(both, 1)).toEqual([800, 800, 800, 800])
  })
})

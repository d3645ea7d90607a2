import { countedIds } from './sample-ids'
import type { Vector } from '../quantity/vector'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { addLeg } from './edit-run'
import { removeLegs, splitLeg } from './edit-leg'
import type { Axis, Job, Node } from '../job/job'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, type SampleRun, withCopy } from '../sample-run'
import { addOffset } from './add-offset'
import { spreadClosing, takeUpIn } from './close-run'
import { closingErrors } from '../run/closing'
import { unitVector } from '../run/direction'
import { layOut } from '../run/layout'
import { moveNode } from './move-node'
import { addParallelRun } from './parallel-run'
import { copyPart, mirrorPart, mirrors, partBeyond, setPipeBeyond } from './part'
import { directionOf, turnTowards } from '../run/turning'
import { systemsOf } from '../job/system'

const job = (legs: SampleRun['legs'], nodes: SampleRun['nodes'] = {}): Job =>
  sampleJob({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs, nodes })
/** The same with another run before it, in which nothing may be looked for. */
function besideAnother(of: Job): Job {
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
const places = (of: Job, run = 0) => layOut(systemsOf(of)[run]!).places
const lengths = (of: Job, run = 0) => systemsOf(of)[run]!.legs.map(({ length }) => length)
const near = (place: Vector | undefined, at: Vector) =>
  at.forEach((value, axis) => expect(place?.[axis]).toBeCloseTo(value, 3))

/** East 1000 to a tee; on 500 east to an outlet, 400 up to a second one. */
const branched = job([
  ['tie-in:s', 'east', 1000, 'tee:t'],
  ['tee:t', 'east', 500, 'outlet:a'],
  ['tee:t', 'up', 400, 'outlet:b'],
])

/** Random runs of axis legs that never turn straight back. */
const walks = fc
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
    let made = addLeg(job([['open:s', 'east', 800, 'open:e']]), countedIds, 'r1', 'e', 'north', 700)
    let plane: keyof typeof squares = 'y'
    for (const { turn, length } of steps) {
      const direction: Axis = squares[plane][turn]!
      made = addLeg(made.job, countedIds, 'r1', made.node, direction, length)
      plane =
        direction === 'up' || direction === 'down' ? 'z' : direction === 'east' || direction === 'west' ? 'x' : 'y'
    }
    return made.job
  })

describe('directions', () => {
  it('are axes where they lie along one, else bearing and pitch; back and forth', () => {
    expect(directionOf([0, 0, 3])).toBe('up')
    expect(directionOf([1, 1, 0])).toEqual({ bearing: 45, pitch: 0 })
    expect(turnTowards('east', 'up', 45)).toEqual({ bearing: 90, pitch: 45 })
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 359 }), fc.integer({ min: -89, max: 89 }), (bearing, pitch) => {
        near(unitVector(directionOf(unitVector({ bearing, pitch }))), unitVector({ bearing, pitch }))
      }),
    )
    expect(() => directionOf([0, 0, 0])).toThrow(RangeError)
    expect(() => turnTowards('east', 'west', 45)).toThrow(/square/)
  })
})

describe('splitting a leg', () => {
  it('puts a valve in, and everything beyond stays where it is', () => {
    const { job: split, node } = splitLeg(branched, countedIds, 'r1', 'l1', 300, 'valve')
    expect(lengths(split)).toEqual([300, 700, 500, 400])
    near(places(split).get(node), [300, 0, 0])
    near(places(split).get('b'), [1000, 0, 400])
    expect(() => splitLeg(branched, countedIds, 'r1', 'l1', 1000, 'valve')).toThrow(/less than 1.000.mm/)
  })

  it('at neither of its ends', () => {
    for (const at of [0, -5, 1000, 1200])
      expect(() => splitLeg(branched, countedIds, 'r1', 'l1', at, 'valve')).toThrow(RangeError)
  })

  it('several legs go together, with what hangs on them', () => {
    expect(removeLegs(branched, 'r1', ['l2', 'l3']).legs.map(({ id }) => id)).toEqual(['l1'])
  })
})

describe('an offset as one entry', () => {
  const entry = { set: 100, angle: 45, towards: 'up', roll: 0, after: 500, corner: 'elbow' } as const

  it('goes aside by its set and on in the old direction: 141.42 at 45 degrees', () => {
    const made = addOffset(job([['open:s', 'east', 1000, 'open:e']]), countedIds, 'r1', 'e', entry)
    expect(lengths(made.job)).toEqual([1000, 141.421, 500])
    near(places(made.job).get(made.node), [1600, 0, 100])
    expect(made.job.nodes.map(({ kind }) => kind)).toEqual(['open', 'elbow', 'elbow', 'open'])
  })

  it('bent, both corners have the radius; an elbow has none', () => {
    const straight = job([['open:s', 'east', 1000, 'open:e']])
    const radii = (corner: 'bend' | 'elbow', radius?: number) =>
      addOffset(straight, countedIds, 'r1', 'e', { ...entry, corner, radius }).job.nodes.map((node) => [
        node.kind,
        node.radius,
      ])
    const ends = (corner: [string, number?]) => [['open', undefined], corner, corner, ['open', undefined]]
    expect(radii('bend', 88)).toEqual(ends(['bend', 88]))
    expect(radii('bend')).toEqual(ends(['bend', undefined]))
    expect(radii('elbow', 88)).toEqual(ends(['elbow', undefined]))
  })

  it.each([
    ['open', 'elbow'],
    ['cap', 'elbow'],
    ['outlet', 'elbow'],
    ['tee', 'tee'],
    ['valve', 'valve'],
  ])('that begins at %s makes it %s', (kind, becomes) => {
    const start = besideAnother(job([['tie-in:s', 'east', 1000, `${kind}:e`]]))
    const [other, own] = systemsOf(addOffset(start, countedIds, 'r1', 'e', entry).job)
    expect(own!.nodes.map((node) => node.kind)).toEqual(['tie-in', becomes, 'elbow', 'open'])
    expect(other).toEqual(systemsOf(start)[0])
  })

  it.each([
    ['open', 'bend'],
    ['cap', 'bend'],
    ['outlet', 'bend'],
    ['tee', 'tee'],
    ['valve', 'valve'],
  ])('bent, that begins at %s makes it %s, whatever the run begins with', (kind, becomes) => {
    for (const begin of ['open', 'valve']) {
      const start = job([[`${begin}:s`, 'east', 1000, `${kind}:e`]])
      const made = addOffset(start, countedIds, 'r1', 'e', { ...entry, corner: 'bend', radius: 88 }).job
      expect(made.nodes.map((node) => node.kind)).toEqual([begin, becomes, 'bend', 'open'])
    }
  })

  it('rolled by 90 degrees from up it goes to the south, right-handed about a pipe that runs east', () => {
    const made = addOffset(job([['open:s', 'east', 1000, 'open:e']]), countedIds, 'r1', 'e', { ...entry, roll: 90 })
    near(places(made.job).get(made.node), [1600, -100, 0])
  })

  it('goes on backwards from where a run begins: away from the leg that leaves it', () => {
    const made = addOffset(job([['open:s', 'east', 1000, 'open:e']]), countedIds, 'r1', 's', entry)
    near(places(made.job).get(made.node), [-600, 0, 100])
  })

  it('says what is wrong with it', () => {
    const straight = job([['open:s', 'east', 1000, 'open:e']])
    expect(() => addOffset(straight, countedIds, 'r1', 'e', { ...entry, towards: 'east' })).toThrow(/square/)
    expect(() => addOffset(straight, countedIds, 'r1', 'e', { ...entry, set: 0 })).toThrow(/Set/)
    expect(() => addOffset(straight, countedIds, 'r1', 'e', { ...entry, after: 0 })).toThrow(/after/)
    expect(() => addOffset(straight, countedIds, 'r1', 'nowhere', entry)).toThrow(/pipe must arrive/)
  })
})

describe('copying and mirroring a part', () => {
  it('takes what hangs on a leg', () => {
    expect(partBeyond(systemsOf(branched)[0]!, 'l1').legs.map(({ id }) => id)).toEqual(['l1', 'l2', 'l3'])
    expect(partBeyond(systemsOf(branched)[0]!, 'l3').legs.map(({ id }) => id)).toEqual(['l3'])
    // However the legs stand in the list, and however far it goes on.
    const long = job([
      ['elbow:c', 'east', 300, 'outlet:d'],
      ['elbow:b', 'north', 300, 'elbow:c'],
      ['tee:a', 'east', 300, 'elbow:b'],
      ['open:s', 'east', 300, 'tee:a'],
      ['tee:a', 'up', 300, 'outlet:e'],
    ])
    expect(partBeyond(systemsOf(long)[0]!, 'l3').legs.map(({ id }) => id)).toEqual(['l1', 'l2', 'l3'])
  })

  it('a mirrored part keeps its lengths and lies on the other side', () => {
    const mirrored = mirrorPart(branched, 'r1', 'l1', 'east-west')
    expect(lengths(mirrored)).toEqual(lengths(branched))
    near(places(mirrored).get('b'), [-1000, 0, 400])
  })

  it('mirrored twice is as before, any run and mirror', () => {
    fc.assert(
      fc.property(walks, fc.constantFrom(...mirrors), (walk, mirror) => {
        const twice = mirrorPart(mirrorPart(walk, 'r1', 'l1', mirror), 'r1', 'l1', mirror)
        expect(twice).toEqual(walk)
      }),
    )
  })

  it('a copy goes on from an end, which becomes an elbow, and keeps its outlets', () => {
    const start = job([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'up', 400, 'outlet:b'],
      ['open:s', 'north', 2000, 'open:c'],
    ])
    const { job: copied, legs } = copyPart(start, countedIds, 'r1', ['l1', 'l2'], 'c', 'east-west')
    const [system] = systemsOf(copied)
    expect(legs).toHaveLength(2)
    expect(copied.nodes.find(({ id }) => id === 'c')?.kind).toBe('elbow')
    const last = copied.nodes.at(-1) as Node
    expect(last.kind).toBe('outlet')
    near(layOut(system!).places.get(last.id), [-1000, 2000, 400])
  })

  it('a copy ends openly where what goes on is not copied, and leaves out what does not hang on it', () => {
    const start = job([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'up', 400, 'elbow:b'],
      ['elbow:b', 'east', 300, 'outlet:d'],
      ['open:s', 'north', 2000, 'open:c'],
    ])
    const { job: copied, legs } = copyPart(start, countedIds, 'r1', ['l1', 'l3'], 'c')
    expect(legs).toHaveLength(1)
    expect(copied.nodes.at(-1)!.kind).toBe('open')
    expect(copied.legs).toHaveLength(5)
  })
})

describe('another pipe from here on', () => {
  it('goes to all that hangs on the leg, and a coupling before it becomes an adapter', () => {
    const start = job([
      ['open:s', 'east', 1000, 'coupling:c'],
      ['coupling:c', 'east', 500, 'elbow:a'],
      ['elbow:a', 'up', 400, 'outlet:b'],
    ])
    const pex = pipeId('EN ISO 15875', '16')
    const changed = setPipeBeyond(start, 'r1', 'l2', pex)
    expect(changed.legs.map(({ pipe }) => pipe)).toEqual([undefined, pex, pex])
    expect(changed.nodes.map(({ kind }) => kind)).toEqual(['open', 'adapter', 'elbow', 'outlet'])
  })

  it('a coupling stays one where the pipe turns in it, or where another coupling is straight', () => {
    const pex = pipeId('EN ISO 15875', '16')
    const start = job([
      ['open:s', 'east', 1000, 'coupling:c'],
      ['coupling:c', 'north', 500, 'coupling:d'],
      ['coupling:d', 'north', 400, 'coupling:f'],
      ['coupling:f', 'north', 400, 'open:b'],
    ])
    const kinds = (leg: string) => setPipeBeyond(start, 'r1', leg, pex).nodes.map(({ kind }) => kind)
    expect(kinds('l2')).toEqual(['open', 'coupling', 'coupling', 'coupling', 'open'])
    expect(kinds('l3')).toEqual(['open', 'coupling', 'adapter', 'coupling', 'open'])
    expect(kinds('l4')).toEqual(['open', 'coupling', 'coupling', 'adapter', 'open'])
  })

  it('the fittings chosen there join the arriving pipe by the first method, the one that goes on by the last', () => {
    const pex = pipeId('EN ISO 15875', '16')
    const start = job(
      [
        ['open:s', 'east', 1000, 'adapter:c'],
        ['adapter:c', 'east', 500, 'open:b'],
      ],
      {
        c: {
          chain: { fittings: ['an adapter'], joints: ['press-metal', 'compression'] },
          measured: { takeOff: 20, tolerance: 0.5 },
        },
      },
    )
    const { pieces } = planJob(setPipeBeyond(start, 'r1', 'l2', pex), shippedCatalogue)
    expect(pieces.map(({ cut, ends }) => [cut, ends[0].method, ends[1].method])).toEqual([
      [980, null, 'press-metal'],
      [480, 'compression', null],
    ])
  })
})

describe('a run beside another', () => {
  it('is longer on the outside of a turn: 1000 and 500 become 1100 and 600', () => {
    const { job: both, run } = addParallelRun(
      job([
        ['open:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'open:e'],
      ]),
      countedIds,
      'r1',
      100,
      [0, -1, 0],
    )
    expect(both.runs[1]?.id).toBe(run)
    expect(lengths(both, 1)).toEqual([1100, 600])
  })

  it('is refused beside nothing, at no distance, and where its side is not square to the first leg', () => {
    const one = job([['open:s', 'east', 1000, 'open:e']])
    const beside =
      (spacing: number, towards: [number, number, number], of = one) =>
      () =>
        addParallelRun(of, countedIds, 'r1', spacing, towards)
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
      100,
      [0, 0, 1],
    )
    expect(lengths(both, 1)).toEqual([1000, 500])
  })

  it('begins at the spacing from where the first one is fixed, on the side that is named', () => {
    const fixed = (direction: 'east' | 'north', side: readonly [number, number, number]) => {
      const { job: both } = addParallelRun(
        job([['open:s', direction, 1000, 'open:e']], { s: { at: [10, 20, 30] } }),
        countedIds,
        'r1',
        50,
        side,
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
      100,
      [0, -1, 0],
    )
    expect(lengths(both, 1)).toEqual([1000, 800, 600])
  })

  it('turns wherever the first one turns, in the same directions, at the spacing', () => {
    fc.assert(
      fc.property(walks, (walk) => {
        const { job: both } = addParallelRun(walk, countedIds, 'r1', 60, [0, 0, 1])
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
    expect(() => addParallelRun(tight, countedIds, 'r1', 100, [0, 1, 0])).toThrow(/leg 2.*no length left/)
    expect(() => addParallelRun(tight, countedIds, 'r1', 40, [0, 1, 0])).toThrow(/no length left/)
    expect(lengths(addParallelRun(tight, countedIds, 'r1', 39, [0, 1, 0]).job, 1)[1]).toBe(2)
    expect(() => addParallelRun(tight, countedIds, 'r1', 100, [1, 0, 0])).toThrow(/Side/)
  })
})

describe('moving a node with what follows', () => {
  it('a tee 200 east: its leg grows, the one after it shrinks, the branch follows', () => {
    const moved = moveNode(branched, 'r1', 't', [200, 0, 0])
    expect(lengths(moved)).toEqual([1200, 300, 400])
    near(places(moved).get('b'), [1200, 0, 400])
    near(places(moved).get('a'), [1500, 0, 0])
  })

  it('is the same along any axis and aslant, and leaves other runs', () => {
    const aslant = job([
      ['open:s', { bearing: 45, pitch: 0 }, 1000, 'tee:t'],
      ['tee:t', { bearing: 45, pitch: 0 }, 500, 'outlet:a'],
      ['tee:t', 'up', 400, 'outlet:b'],
    ])
    const by = 200 * Math.SQRT1_2
    const moved = moveNode(besideAnother(aslant), 'r1', 't', [by, by, 0])
    expect(lengths(moved, 1)).toEqual([1200, 300, 400])
    expect(lengths(moved, 0)).toEqual([77, 77, 77])
    expect(lengths(moveNode(branched, 'r1', 'b', [0, 0, 150]))).toEqual([1000, 500, 550])
  })

  it('by nothing, or in no such run, leaves the job as it is', () => {
    expect(moveNode(branched, 'r1', 't', [0, 0, 0])).toBe(branched)
    expect(moveNode(branched, 'r9', 't', [50, 0, 0])).toBe(branched)
  })

  it('does not move what is fixed, nor a leg to nothing', () => {
    const fixed = job([['tie-in:s', 'east', 1000, 'outlet:e']], { s: { at: [0, 0, 0] } })
    expect(() => moveNode(fixed, 'r1', 'e', [0, 50, 0])).toThrow(/tie-in is fixed/)
    expect(() => moveNode(branched, 'r1', 't', [500, 0, 0])).toThrow(/only 500.mm/)
  })

  it('there and back is as before', () => {
    fc.assert(
      fc.property(walks, fc.integer({ min: 1, max: 200 }), (walk, by) => {
        const last = walk.nodes.at(-1)!.id
        expect(lengths(moveNode(moveNode(walk, 'r1', last, [0, 0, by]), 'r1', last, [0, 0, -by]))).toEqual(
          lengths(walk),
        )
      }),
    )
  })
})

describe('closing a run between fixed points', () => {
  const open = (end: [number, number, number]): Job =>
    job(
      [
        ['tie-in:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 800, 'elbow:b'],
        ['elbow:b', 'east', 2000, 'tie-in:e'],
      ],
      { s: { at: [0, 0, 0] }, e: { at: end } },
    )

  it('is taken up in one leg, along it', () => {
    const closed = takeUpIn(open([3006, 800, 0]), 'r1', 'l1')
    expect(lengths(closed)).toEqual([1006, 800, 2000])
    expect(closingErrors(layOut(systemsOf(closed)[0]!))).toEqual([{ run: 'r1', x: 0, y: 0, z: 0 }])
    // What closes stays as it is.
    expect(takeUpIn(closed, 'r1', 'l1')).toBe(closed)
    expect(takeUpIn(closed, 'none', 'l1')).toBe(closed)
  })

  it('is spread in proportion: 6 over 1000 and 2000 is 2 and 4; 5 north goes to the one leg north', () => {
    expect(lengths(spreadClosing(open([3006, 805, 0]), 'r1'))).toEqual([1002, 805, 2004])
  })

  it('says when no leg lies that way', () => {
    expect(() => spreadClosing(open([3000, 800, 7]), 'r1')).toThrow(/no leg lies/)
    expect(() => takeUpIn(open([10, 800, 0]), 'r1', 'l1')).toThrow(/to give/)
  })

  it('any error of any run that turns on all axes is closed to the hundredth', () => {
    fc.assert(
      fc.property(
        fc.tuple(
          fc.integer({ min: -40, max: 40 }),
          fc.integer({ min: -40, max: 40 }),
          fc.integer({ min: -40, max: 40 }),
        ),
        ([x, y, z]) => {
          const run = job(
            [
              ['tie-in:s', 'east', 900, 'elbow:a'],
              ['elbow:a', 'north', 700, 'elbow:b'],
              ['elbow:b', 'up', 500, 'elbow:c'],
              ['elbow:c', 'west', 400, 'tie-in:e'],
            ],
            { s: { at: [0, 0, 0] }, e: { at: [500 + x, 700 + y, 500 + z] } },
          )
          const [error] = closingErrors(layOut(systemsOf(spreadClosing(run, 'r1'))[0]!))
          expect(Math.hypot(error!.x, error!.y, error!.z)).toBeLessThan(0.02)
        },
      ),
    )
  })
})

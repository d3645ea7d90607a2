import { describe, expect, it } from 'vitest'
import { catalogueWith, shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import { toolSpace } from '../catalogue/tool-space'
import { planJob } from '../plan/plan-job'
import { said } from '../testing/said'
import type { PlanPiece } from '../pipework/planned'
import { barePipe } from './bare-pipe'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { chained } from '../testing/sample-choice'

const copper22 = pipeId('EN 1057', '22', 0.9)
const old = pipeId('BS 659', '3/4')
const plan = (of: Partial<SampleRun>) =>
  planJob(sampleJob({ pipe: copper22, method: 'solder', legs: [], ...of }), catalogue)
const saying = (of: Partial<SampleRun>, rule: string) =>
  plan(of)
    .checks.filter((check) => check.rule === rule)
    .map((check) => `${check.verdict} at ${check.where}: ${said(check)}`)

describe('bends on a piece', () => {
  const twoBends = (between: number, first = 500): Partial<SampleRun> => ({
    legs: [
      ['open:s', 'east', first, 'bend:b'],
      ['bend:b', 'north', between, 'bend:c'],
      ['bend:c', 'east', 500, 'open:e'],
    ],
    nodes: { b: { radius: 60 }, c: { radius: 60 } },
  })

  it('100 between two 90s of 60 overlap by 20: refused, and no cut length', () => {
    expect(saying(twoBends(100), 'bend-room').join()).toMatch(/refuse at Run, piece P1: bends 1 and 2 overlap by 20.mm/)
    expect(plan(twoBends(100)).pieces[0]!.cut).toBeNull()
    expect(saying(twoBends(120), 'bend-room')).toEqual([])
    expect(plan(twoBends(120)).pieces[0]!.cut).not.toBeNull()
  })

  it('a bend that begins before the pipe’s end is refused by how much', () => {
    expect(saying(twoBends(200, 48), 'bend-room').join()).toMatch(
      /bend 1 would begin 12.mm beyond the pipe’s first end/,
    )
  })

  it.each<[string, string, number, string]>([
    ['PEX 16 at 40', pipeId('EN ISO 15875', '16', 'pex-a'), 40, 'refuse'],
    ['22 copper at 5', copper22, 5, 'refuse'],
    ['CPVC', pipeId('ASTM D2846', '1/2'), 100, 'refuse'],
    ['galvanised steel', pipeId('EN 10255', '1/2'), 60, 'refuse'],
  ])('%s is held against the least radius of its pipe', (_, pipe, radius, verdict) => {
    const found = saying(
      {
        pipe,
        legs: [
          ['open:s', 'east', 1000, 'bend:b'],
          ['bend:b', 'north', 1000, 'open:e'],
        ],
        nodes: { b: { radius } },
      },
      'bend-radius',
    )
    expect(found).toHaveLength(1)
    expect(found[0]).toContain(`${verdict} at Run, bend`)
  })
})

describe('what is no bend', () => {
  it.each<[string, Partial<SampleRun>]>([
    ['an elbow, whatever radius it was once given', { nodes: { b: { radius: 5 } } }],
    [
      'a bend of a radius that its pipe takes',
      {
        legs: [
          ['open:s', 'east', 1000, 'bend:b'],
          ['bend:b', 'north', 1000, 'open:e'],
        ],
        nodes: { b: { radius: 150 } },
      },
    ],
    [
      'a bend of no radius yet',
      {
        legs: [
          ['open:s', 'east', 1000, 'bend:b'],
          ['bend:b', 'north', 1000, 'open:e'],
        ],
      },
    ],
  ])('%s is held against none', (_, of) => {
    const legs: SampleRun['legs'] = [
      ['open:s', 'east', 1000, 'elbow:b'],
      ['elbow:b', 'north', 1000, 'open:e'],
    ]
    expect(saying({ legs, ...of }, 'bend-radius')).toEqual([])
  })
})

describe('room for the tool between two mouths', () => {
  const short = (method: MethodId, length: number, pipe = copper22): Partial<SampleRun> => ({
    pipe,
    method,
    legs: [
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', length, 'elbow:b'],
      ['elbow:b', 'east', 1000, 'open:e'],
    ],
  })
  /** Centre to centre for so much bare pipe between the mouths of two elbows. */
  function lengthFor(method: MethodId, bare: number, pipe = copper22): number {
    const of = catalogue.pipe(pipe)!
    const socket = catalogue.socketFor(method, of)!
    return 2 * (catalogue.takeOff(socket, 'elbow-90', 'either')!.mm + socket.insertion!.mm) + bare
  }

  it('a press jaw wants 20 on 22: at 8 it lacks 12, at 20 nothing', () => {
    expect(saying(short('press-metal', lengthFor('press-metal', 8)), 'tool-room').join()).toMatch(
      /refuse at Run, piece P2: 8.mm of bare pipe between the two fittings, and the .* needs 20.mm: move one by 12.mm/,
    )
    expect(saying(short('press-metal', lengthFor('press-metal', 20)), 'tool-room')).toEqual([])
  })

  it('two tools each take half of what two of them need, and the larger one is named', () => {
    const ends = (a: MethodId, b: MethodId, bare: number): Partial<SampleRun> => ({
      ...short('press-metal', (lengthFor(a, 0) + lengthFor(b, 0)) / 2 + bare),
      nodes: { a: { method: a }, b: { method: b } },
    })
    const [jaw, nut] = [toolSpace('press-metal', 22)!.mouths, toolSpace('compression', 22)!.mouths]
    const larger = methods[jaw >= nut ? 'press-metal' : 'compression'].tool
    for (const [a, b] of [
      ['press-metal', 'compression'],
      ['compression', 'press-metal'],
    ] as const) {
      const [found] = plan(ends(a, b, 1)).checks.filter(({ rule }) => rule === 'tool-room')
      expect(found!.values).toEqual({ bare: 1, needed: (jaw + nut) / 2, short: (jaw + nut) / 2 - 1, tool: larger })
      expect(saying(ends(a, b, (jaw + nut) / 2), 'tool-room')).toEqual([])
    }
    expect(jaw).not.toBe(nut)
    expect(saying(ends('press-metal', 'press-metal', 0), 'tool-room')).toHaveLength(1)
  })

  it('bare pipe is the cut less both insertions, and not known where one of the three is not', () => {
    const end = (insertion: number | null) => ({ insertion }) as PlanPiece['ends'][0]
    const bare = (cut: number | null, first: number | null, last: number | null) =>
      barePipe({ cut, ends: [end(first), end(last)] })
    expect(bare(60, 15.4, 23.5)).toBeCloseTo(21.1, 9)
    expect([bare(null, 15, 15), bare(60, null, 15), bare(60, 15, null)]).toEqual([null, null, null])
  })

  it('solder asks for none', () => {
    expect(saying(short('solder', lengthFor('solder', 2)), 'tool-room')).toEqual([])
  })

  it('a piece that just goes into both is long enough', () => {
    expect(saying(short('solder', lengthFor('solder', 0)), 'least-piece')).toEqual([])
    expect(saying(short('solder', lengthFor('solder', -0.1)), 'least-piece')).toHaveLength(1)
  })

  it('a piece that does not even go into both is another fault', () => {
    const tight = short('press-metal', lengthFor('press-metal', -5))
    expect(saying(tight, 'tool-room')).toEqual([])
    expect(saying(tight, 'least-piece').join()).toMatch(/move a fitting by 5.mm/)
    const [found] = plan(tight).checks.filter(({ rule }) => rule === 'least-piece')
    const both = 2 * catalogue.socketFor('press-metal', catalogue.pipe(copper22)!)!.insertion!.mm
    expect(found!.values).toEqual({ cut: expect.closeTo(both - 5, 9), both, by: expect.closeTo(5, 9) })
  })
})

describe('a depth that is not known', () => {
  it('is told of a piece that has its length all the same, whichever end lacks it', () => {
    // PEX 16 has no soldered socket: what was measured gives the length, and the depth is still to be measured.
    const one = (insertion?: number): Partial<SampleRun> => ({
      pipe: pipeId('EN ISO 15875', '16', 'pex-a'),
      legs: [['open:a', 'east', 1000, 'elbow:b']],
      nodes: { b: { measured: { takeOff: 20, tolerance: 0.5, ...(insertion ? { insertion } : {}) } } },
    })
    expect(plan(one()).pieces[0]!.cut).toBe(980)
    expect(saying(one(), 'unknown-figure')).toEqual([
      'caution at Run, piece P1: an insertion depth is not in the catalogue: measure it',
    ])
    expect(saying(one(15), 'unknown-figure')).toEqual([])
  })
})

describe('what is looked at in a whole run', () => {
  const straight: Partial<SampleRun> = { legs: [['open:s', 'east', 1000, 'outlet:e']] }
  const corner = (kind: string, more: NonNullable<SampleRun['legs']> = []): Partial<SampleRun> => ({
    legs: [['open:s', 'east', 1000, `${kind}:a`], ['open:b', 'south', 1000, `${kind}:a`], ...more],
  })
  const cap: readonly [string, 'up', number, string] = ['elbow:a', 'up', 500, 'cap:c']
  type Found = readonly [says: string, where: string, values?: object]
  /** What each check says of a run: verdict, sentence, place, values. */
  const cases: readonly (readonly [rule: string, of: Partial<SampleRun>, ...found: Found[]])[] = [
    ['connected', straight],
    ['connected', { legs: [] }],
    [
      'connected',
      { legs: [...straight.legs!, ['open:x', 'up', 300, 'cap:y']] },
      ['refuse loose', 'Run, open end 2'],
      ['refuse loose', 'Run, cap'],
    ],
    ['closing', straight],
    ['closing', { ...straight, nodes: { s: { at: [0, 0, 0] }, e: { at: [1000, 0, 0] } } }],
    [
      'closing',
      { ...straight, nodes: { s: { at: [0, 0, 0] }, e: { at: [1004, -2, 3] } } },
      ['caution misses', 'Run', { x: 4, y: -2, z: 3 }],
    ],
    [
      'closing',
      { ...straight, nodes: { s: { at: [0, 0, 0] }, e: { at: [1000, 7, 0] } } },
      ['caution misses', 'Run', { x: 0, y: 7, z: 0 }],
    ],
    [
      'closing',
      { ...straight, nodes: { s: { at: [0, 0, 0] }, e: { at: [1000, 0, 7] } } },
      ['caution misses', 'Run', { x: 0, y: 0, z: 7 }],
    ],
    ['goes-straight', corner('elbow')],
    ['goes-straight', corner('coupling'), ['refuse turns', 'Run, coupling', { kind: 'coupling' }]],
    ['goes-straight', corner('slip-coupling'), ['refuse turns', 'Run, slip coupling', { kind: 'slip coupling' }]],
    ['height', { ...straight, nodes: { e: { height: 0 } } }],
    [
      'height',
      { ...straight, nodes: { e: { height: 20 } } },
      ['caution misses', 'Run, outlet', { by: 20, height: 20 }],
    ],
    [
      'height',
      { ...straight, nodes: { e: { height: -20 } } },
      ['caution misses', 'Run, outlet', { by: -20, height: -20 }],
    ],
    ['open-end', corner('elbow')],
    ['open-end', corner('tee'), ['caution open', 'Run, tee', { meeting: 2, wanted: 3 }]],
    [
      'open-end',
      { legs: [['open:s', 'east', 1000, 'elbow:a']] },
      ['caution open', 'Run, elbow', { meeting: 1, wanted: 2 }],
    ],
    // What is there already is drawn as far as it matters; an elbow to which nothing leads is none yet.
    ['open-end', { legs: [['open:s', 'east', 1000, 'elbow:a']], nodes: { a: { state: 'existing' } } }],
    ['open-end', { legs: [] }],
    ['too-many-legs', corner('elbow')],
    ['too-many-legs', corner('elbow', [cap]), ['refuse many', 'Run, elbow', { meeting: 3, wanted: 2, kind: 'elbow' }]],
    ['stock', { legs: [['open:s', 'east', 3000, 'open:e']] }],
    [
      'stock',
      { legs: [['open:s', 'east', 4200, 'open:e']] },
      ['caution long', '22 × 0.9 copper half-hard · EN 1057 R250, piece P1', { length: 4200 }],
    ],
    ['unknown-figure', corner('elbow')],
    [
      'unknown-figure',
      { legs: [['open:s', 'east', 1000, 'union:e']], nodes: { e: { method: 'compression' } } },
      ['caution no take-off', 'Run, piece P1', { socket: '22 compression', fitting: 'union' }],
    ],
    [
      'unknown-figure',
      { legs: [['tie-in:s', 'east', 1000, 'open:e']], nodes: { s: { existing: old } } },
      ['caution not chosen', 'Run, piece P1'],
    ],
    ['support', corner('elbow')],
    [
      'support',
      {
        legs: [
          ['open:s', 'east', 1000, 'union:a'],
          ['open:b', 'east', 900, 'union:c'],
        ],
        nodes: { a: { method: 'compression' }, c: { method: 'compression' } },
      },
      ['caution not measured', 'Run, leg 1 and 1 more'],
    ],
    [
      'size',
      { legs: [['tie-in:s', 'east', 1000, 'open:e']], nodes: { s: { existing: old } } },
      ['refuse none', 'Run, tie-in, joint 1', { method: 'solder' }],
    ],
    [
      'size',
      { ...corner('elbow'), pipe: old, method: 'push-fit' },
      ['refuse none', 'Run, elbow, joint 1 and 1 more', { method: 'push-fit' }],
    ],
  ]

  it.each(cases.map(([rule, of, ...found]) => ({ rule, of, found })))('$rule: case %#', ({ rule, of, found }) => {
    const checks = plan(of).checks.filter((check) => check.rule === rule)
    expect(checks.map(({ verdict, message, where }) => [`${verdict} ${message}`, where])).toEqual(
      found.map(([says, where]) => [says, where]),
    )
    found.forEach(([, , values], index) => values && expect(checks[index]!.values).toMatchObject(values))
  })
})

describe('what meets in a run', () => {
  const [copper15, copper22, inchCopper] = [
    pipeId('EN 1057', '15', 0.7),
    pipeId('EN 1057', '22', 0.9),
    pipeId('ASTM B88', '3/4', 'L'),
  ]
  const planTwo = (first: string, second: string, kind: string, method: MethodId, node = {}) => {
    const job = sampleJob({
      pipe: first,
      method,
      legs: [
        ['cap:s', 'east', 1000, `${kind}:m`],
        [`${kind}:m`, 'east', 900, 'cap:e'],
      ],
      nodes: { m: node },
    })
    const legs = job.legs.map((leg) => (leg.id === 'l2' ? { ...leg, pipe: second } : leg))
    return planJob({ ...job, legs }, catalogue)
  }
  const two = (...of: Parameters<typeof planTwo>) =>
    planTwo(...of).checks.filter(({ rule }) => rule === 'one-body' || rule === 'galvanic')

  it('no coupling, tee, reducer, union or valve is of metric and inch, or of BSP and NPT', () => {
    for (const kind of ['coupling', 'reducer', 'union', 'valve', 'adapter'])
      expect(
        two(copper22, inchCopper, kind, 'solder').map(({ rule, verdict, message }) => [rule, verdict, message]),
      ).toEqual([['one-body', 'refuse', 'families']])
    expect(two(copper15, pipeId('ASTM F876', '1/2', 'pex-b'), 'coupling', 'push-fit')[0]?.message).toBe('families')
    const threads = two(pipeId('EN 10255', '1/2'), pipeId('ASTM A53', '1/2'), 'coupling', 'thread')
    expect(threads.map(({ message }) => message)).toEqual(['threads'])
    expect(two(copper22, copper15, 'reducer', 'solder')).toEqual([])
    expect(two(copper22, copper15, 'valve', 'solder')[0]?.message).toBe('sizes')
    // Old half-inch bore goes into 15 fittings.
    expect(two(copper15, pipeId('BS 659', '1/2'), 'coupling', 'compression')).toEqual([])
  })

  it.each<[string, string, string, string, MethodId, string]>([
    ['15 copper on half-inch PEX', copper15, pipeId('ASTM F876', '1/2', 'pex-b'), 'coupling', 'push-fit', 'families'],
    ['28 on 1 inch', pipeId('EN 1057', '28', 0.9), pipeId('ASTM B88', '1', 'L'), 'coupling', 'press-metal', 'families'],
    ['3/4 inch on 22', inchCopper, copper22, 'coupling', 'solder', 'families'],
    ['BSP on NPT', pipeId('EN 10255', '3/4'), pipeId('ASTM A53', '3/4'), 'coupling', 'thread', 'threads'],
    ['a valve 22 × 15', copper22, copper15, 'valve', 'compression', 'sizes'],
    ['15 copper on 16 PEX', copper15, pipeId('EN ISO 15875', '16', 'S4'), 'coupling', 'compression', 'sizes'],
    ['a union 22 × 3/4', copper22, inchCopper, 'union', 'press-metal', 'families'],
    ['54 on 12', pipeId('EN 1057', '54', 1.2), pipeId('EN 1057', '12', 0.6), 'reducer', 'solder', 'sizes'],
  ])(
    '%s: nobody makes it, so it is refused, not on the list, and nothing is cut to it',
    (_, one, other, kind, method, message) => {
      const plan = planTwo(one, other, kind, method)
      expect(plan.checks.filter(({ rule }) => rule === 'one-body')).toMatchObject([{ verdict: 'refuse', message }])
      expect(plan.fittings.filter(({ nodes }) => nodes.includes('m'))).toEqual([])
      expect(plan.pieces.map(({ cut }) => cut)).toEqual([null, null])
    },
  )

  it('what was chosen once and nobody makes is a caution, until one is measured in the hand', () => {
    const fitting = '22 solder × 22 press adapter'
    const chain = { fitting: chained([fitting], ['solder', 'press-metal']) }
    const found = planTwo(copper22, copper22, 'adapter', 'solder', chain).checks.filter(
      ({ rule }) => rule === 'one-body',
    )
    expect(found.map((check) => [check.verdict, said(check)])).toEqual([['caution', expect.stringContaining(fitting)]])
    const measured = catalogueWith([
      { socket: '', named: fitting, end: 'either', mm: 8, tolerance: 0.5, basis: 'measured' },
    ])
    const job = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['cap:s', 'east', 1000, 'adapter:m'],
        ['adapter:m', 'east', 900, 'cap:e'],
      ],
      nodes: { m: chain },
    })
    expect(planJob(job, measured).checks.filter(({ rule }) => rule === 'one-body')).toEqual([])
  })

  it('a tee whose branch no coupling leads to is refused by its sizes', () => {
    const drawn = sampleJob({
      pipe: pipeId('EN 1057', '28', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'tee:t'],
        ['tee:t', 'east', 1000, 'open:e'],
        ['tee:t', 'north', 800, 'open:b'],
      ],
    })
    const branch = (pipe: string) => {
      const legs = drawn.legs.map((leg) => (leg.id === 'l3' ? { ...leg, pipe } : leg))
      return planJob({ ...drawn, legs }, catalogue).checks.filter(({ rule }) => rule === 'one-body')
    }
    expect(branch(pipeId('EN 1057', '12', 0.6)).map((check) => said(check))).toEqual([
      expect.stringContaining('no tee is made 28 × 12'),
    ])
    expect(branch(copper15)).toEqual([])
  })

  it('a galvanic pair is a caution as in a chain, unless brass stands between', () => {
    const steel = pipeId('EN 10255', '1/2')
    const chain = (...fittings: string[]) => ({ fitting: chained(fittings, ['thread', 'compression']) })
    const plain = two(steel, copper15, 'coupling', 'thread', chain('1/2 BSP thread coupling'))
    expect(plain).toMatchObject([{ rule: 'galvanic', message: 'touch' }])
    expect(two(steel, copper15, 'adapter', 'thread', chain('15 compression × 1/2 M BSP adapter'))).toEqual([])
    const upstream = two(copper15, steel, 'adapter', 'compression', chain('15 compression × 1/2 M BSP adapter'))
    expect(upstream.map(({ message }) => message)).toEqual(['pits'])
  })
})

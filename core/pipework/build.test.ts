import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import cedar from '../../demo/cedar-kiln-studio.json' with { type: 'json' }
import tarn from '../../demo/tarn-lane-bakehouse.json' with { type: 'json' }
import type { Job } from '../job/job'
import { readJob } from '../job/read-job'
import { planJob } from '../plan/plan-job'
import type { Plan } from '../plan/types'
import { distance, dot } from '../quantity/vector'
import { pipeId, sampleJob } from '../testing/sample-run'
import { chained } from '../testing/sample-choice'

const demo = (file: unknown): Job => {
  const read = readJob(file, catalogue)
  if (!read.ok) throw new Error(JSON.stringify(read.fields))
  return read.job
}
const copper = pipeId('EN 1057', '22', 0.9)
const ports = ({ parts }: Plan) =>
  new Map(parts.flatMap(({ id, ports: of }) => of.map((port, at) => [`${id} ${at}`, port])))

/** What holds of every plan: its parts and joints are one account of the same thing. */
function holds(job: Job): void {
  const plan = planJob(job, catalogue)
  expect(new Set(plan.parts.map(({ id }) => id)).size).toBe(plan.parts.length)
  const known = ports(plan)
  const used = plan.joints.flatMap(({ between }) => between.map(({ part, port }) => `${part} ${port}`))
  expect(new Set(used).size).toBe(used.length)
  for (const ref of used) expect(known.has(ref)).toBe(true)
  for (const { between, inner } of plan.joints) {
    const [one, other] = between.map(({ part, port }) => known.get(`${part} ${port}`))
    if (!one?.at || !other?.at || !one.out || !other.out) continue
    // They look at each other; a male stands in its female by what it takes up, all others meet.
    expect(dot(one.out, other.out)).toBeCloseTo(-1, 6)
    const apart = distance(one.at, other.at)
    if (inner?.meeting.kind !== 'thread') expect(apart).toBeCloseTo(0, 3)
  }
  for (const piece of plan.pieces) {
    const part = plan.parts.find(({ id }) => id === piece.id)!
    const [from, to] = part.ports
    if (piece.cut === null || piece.tube || !from!.at || !to!.at) continue
    expect(distance(from!.at, to!.at)).toBeCloseTo(piece.cut, 2)
  }
  // What nobody makes is none to bring.
  const fittings = plan.parts.filter(({ kind, isUnmade }) => kind === 'fitting' && !isUnmade)
  expect(plan.fittings.reduce((sum, { count }) => sum + count, 0)).toBe(fittings.length)
}

describe('a run as it will stand', () => {
  it('has two elbows, three pieces, and every joint between two ports that meet', () => {
    const plan = planJob(
      sampleJob({
        pipe: copper,
        method: 'solder',
        legs: [
          ['tie-in:s', 'east', 1000, 'elbow:a'],
          ['elbow:a', 'north', 500, 'elbow:b'],
          ['elbow:b', 'up', 700, 'cap:e'],
        ],
        nodes: { s: { existing: copper } },
      }),
      catalogue,
    )
    expect(plan.parts.map(({ id, kind, label }) => [id, kind, label])).toEqual([
      ['P1', 'piece', catalogue.pipe(copper)!.label],
      ['P2', 'piece', catalogue.pipe(copper)!.label],
      ['P3', 'piece', catalogue.pipe(copper)!.label],
      ['existing r1/s', 'existing', catalogue.pipe(copper)!.label],
      ['r1/s', 'fitting', '22 solder coupling'],
      ['r1/a', 'fitting', '22 solder elbow 90°'],
      ['r1/b', 'fitting', '22 solder elbow 90°'],
      ['r1/e', 'fitting', '22 solder cap'],
    ])
    expect(plan.joints.map(({ between }) => between.map(({ part, port }) => `${part} ${port}`).join(' - '))).toEqual([
      'r1/s 1 - existing r1/s 0',
      'r1/s 0 - P1 0',
      'r1/a 0 - P1 1',
      'r1/a 1 - P2 0',
      'r1/b 0 - P2 1',
      'r1/b 1 - P3 0',
      'r1/e 0 - P3 1',
    ])
    // The first elbow’s corner is 1000 east; its stop 14.6 before that.
    expect(plan.parts.find(({ id }) => id === 'r1/a')!.ports).toEqual([
      { at: [expect.closeTo(985.4, 6), 0, 0], out: [-1, expect.closeTo(0, 9), expect.closeTo(0, 9)], end: '22 solder' },
      { at: [expect.closeTo(1000, 6), expect.closeTo(14.6, 6), 0], out: [0, 1, 0], end: '22 solder' },
    ])
  })

  it('a chain is its fittings one after another, from where the old pipe stops', () => {
    const plan = planJob(
      sampleJob({
        pipe: pipeId('EN 1057', '28', 0.9),
        method: 'press-metal',
        legs: [['tie-in:s', 'east', 1000, 'open:e']],
        nodes: {
          s: {
            existing: copper,
            fitting: chained(
              ['22 solder × 3/4 M BSP adapter', '28 press × 3/4 F BSP adapter'],
              ['solder', 'press-metal'],
            ),
          },
        },
      }),
      catalogue,
    )
    const [one, other] = plan.parts.filter(({ kind }) => kind === 'fitting')
    // 12.5 to the mouth of the female, 15.4 from the end of the male in it; 14 between the two.
    expect(one!.ports.map(({ at, end }) => [at?.[0], end])).toEqual([
      [0, '22 solder'],
      [12.5, '3/4 M BSP'],
    ])
    expect(other!.ports.map(({ at, end }) => [at?.[0], end])).toEqual([
      [expect.closeTo(26.5, 6), '3/4 F BSP'],
      [expect.closeTo(41.9, 6), '28 press'],
    ])
    expect(plan.pieces[0]!.cut).toBeCloseTo(1000 - 41.9, 6)
  })

  it('a chain between two legs: each goes in at its own end, about the middle; what is not known has no place', () => {
    const planOf = (fittings: string[]) =>
      planJob(
        sampleJob({
          pipe: copper,
          method: 'solder',
          legs: [
            ['open:s', 'east', 1000, 'adapter:m'],
            ['adapter:m', 'east', 500, 'open:e'],
          ],
          nodes: { m: { fitting: chained(fittings, ['solder', 'press-metal']) } },
        }),
        catalogue,
      )
    // 22 solder × 22 press: 2 and 10 in the mean, 6; three to either side of the middle.
    const { parts, joints, pieces } = planOf(['22 solder × 22 press adapter'])
    expect(parts.find(({ kind }) => kind === 'fitting')).toMatchObject({
      id: 'r1/m',
      ports: [{ at: [997, 0, 0] }, { at: [1003, 0, 0] }],
    })
    expect(joints.map(({ between }) => between[0])).toEqual([
      { part: 'r1/m', port: 0 },
      { part: 'r1/m', port: 1 },
    ])
    expect(pieces.map(({ cut }) => cut)).toEqual([997, 497])
    const unknown = planOf(['a hose', '22 solder × 22 press adapter'])
    expect(
      unknown.parts.filter(({ kind }) => kind === 'fitting').map(({ label, ports: of }) => [label, of[1]!.at]),
    ).toEqual([
      ['a hose', null],
      ['22 solder × 22 press adapter', null],
    ])
    expect(unknown.pieces.map(({ cut }) => cut)).toEqual([null, null])
    // At a tie-in, where the first begins is known; what comes after a part of no known length is not.
    const tied = planJob(
      sampleJob({
        pipe: copper,
        method: 'solder',
        legs: [['tie-in:s', 'east', 1000, 'cap:e']],
        nodes: {
          s: {
            existing: copper,
            fitting: chained(['a hose', '22 solder × 22 press adapter'], ['solder', 'solder']),
          },
        },
      }),
      catalogue,
    )
    const ports = tied.parts
      .filter(({ node }) => node === 's')
      .flatMap(({ kind, ports: of }) => (kind === 'fitting' ? of : []))
    expect(ports.map(({ at }) => at)).toEqual([[0, 0, 0], null, null, null])
  })

  it('a bend is no fitting, and an elbow is called by its turn', () => {
    const plan = planJob(
      sampleJob({
        pipe: copper,
        method: 'solder',
        legs: [
          ['open:s', 'east', 1000, 'bend:b'],
          ['bend:b', 'north', 500, 'elbow:a'],
          ['elbow:a', { bearing: 45, pitch: 0 }, 500, 'open:e'],
        ],
        nodes: { b: { radius: 88 } },
      }),
      catalogue,
    )
    expect(plan.fittings.map(({ label }) => label)).toEqual(['22 solder elbow 45°'])
    expect(plan.parts.map(({ kind }) => kind)).toEqual(['piece', 'piece', 'fitting'])
  })

  it('holds for the demo jobs', () => {
    for (const file of [cedar, tarn]) holds(demo(file))
  })

  it('holds where a tee is put into pipe that is there, however its legs were drawn', () => {
    for (const legs of [
      [
        ['open:s', 'east', 1000, 'tee:t'],
        ['t', 'east', 700, 'open:e'],
      ],
      [
        ['tee:t', 'west', 1000, 'open:s'],
        ['open:e', 'west', 700, 't'],
      ],
    ] as const) {
      const drawn = sampleJob({ pipe: copper, method: 'solder', legs: [...legs, ['t', 'north', 300, 'cap:c']] })
      const job = {
        ...drawn,
        legs: drawn.legs.map((leg, at) => (at < 2 ? { ...leg, state: 'existing' as const } : leg)),
      }
      holds(job)
      const joints = planJob(job, catalogue).joints.filter(({ between }) =>
        between.some(({ part }) => part.startsWith('existing')),
      )
      expect(joints).toHaveLength(2)
    }
  })

  it('and for runs of any shape', () => {
    const directions = ['east', 'north', 'up', 'west', 'south', 'down'] as const
    const kinds = [
      'elbow',
      'coupling',
      'tee',
      'valve',
      'union',
      'slip-coupling',
      'reducer',
      'adapter',
      'outlet',
      'open',
    ] as const
    const legs = fc.array(
      fc.record({
        to: fc.constantFrom(...directions),
        mm: fc.integer({ min: 150, max: 3000 }),
        kind: fc.constantFrom(...kinds),
        from: fc.nat(9),
      }),
      { minLength: 1, maxLength: 10 },
    )
    fc.assert(
      fc.property(
        legs,
        fc.constantFrom('solder' as const, 'press-metal' as const, 'compression' as const),
        (list, method) => {
          const nodes: string[] = ['tie-in:n0']
          const drawn = list.map(({ to, mm, kind, from }, index) => {
            const start = nodes[from % nodes.length]!
            const end = `${kind}:n${index + 1}`
            nodes.push(end)
            return [start, to, mm, end] as const
          })
          holds(sampleJob({ pipe: copper, method, legs: drawn as never, nodes: { n0: { existing: copper } } }))
        },
      ),
    )
  })
})

describe('where the ends of pipe stand', () => {
  it('either end of a bent piece stands where its own leg stops in its fitting', () => {
    const { parts } = planJob(
      sampleJob({
        pipe: copper,
        method: 'solder',
        legs: [
          ['coupling:s', 'east', 700, 'bend:b'],
          ['bend:b', 'north', 500, 'cap:e'],
        ],
        nodes: { b: { radius: 88 } },
      }),
      catalogue,
    )
    const [first, last] = parts.find(({ kind }) => kind === 'piece')!.ports
    // 0.8 from the middle of a 22 coupling to its stop; a cap is told from its own.
    expect(first!.at!.map((mm) => Math.round(mm * 10) / 10)).toEqual([0.8, 0, 0])
    expect(last!.at!.map((mm) => Math.round(mm * 10) / 10)).toEqual([700, 500, 0])
    expect([first!.out, last!.out].map((out) => out!.map((part) => Math.round(part) + 0))).toEqual([
      [-1, 0, 0],
      [0, 1, 0],
    ])
  })

  it('pipe that is there ends where it stops in what is put in, at the end that is nearer', () => {
    const there = sampleJob({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'tee:t'],
        ['tee:t', 'east', 800, 'slip-coupling:c'],
        ['slip-coupling:c', 'east', 300, 'open:e'],
        ['tee:t', 'up', 300, 'cap:o'],
      ],
      nodes: { c: { gap: 4 } },
    })
    const legs = there.legs.map((leg) => (leg.id === 'l4' ? leg : { ...leg, state: 'existing' as const }))
    const nodes = there.nodes.map((node) => (node.id === 'c' ? { ...node, state: 'new' as const } : node))
    const plan = planJob({ ...there, legs, nodes }, catalogue)
    const ports = (id: string) =>
      plan.parts.find((part) => part.id === id)!.ports.map(({ at }) => Math.round(at![0] * 10) / 10)
    // The tee's stops are 12.5 from its centre; two millimetres either side of the middle of the slip coupling are open.
    expect([ports('existing r1/l1'), ports('existing r1/l2'), ports('existing r1/l3')]).toEqual([
      [0, 987.5],
      [1012.5, 1798],
      [1802, 2100],
    ])
    const joints = plan.joints.filter(({ piece }) => piece === null)
    expect(joints.map(({ node, leg, slips, between: [, { part, port }] }) => [node, leg, slips, part, port])).toEqual([
      ['t', 'l1', false, 'existing r1/l1', 1],
      ['t', 'l2', false, 'existing r1/l2', 0],
      ['c', 'l2', true, 'existing r1/l2', 1],
      ['c', 'l3', true, 'existing r1/l3', 0],
    ])
  })

  it('a fitting that is there stands among the parts only where new pipe goes into it', () => {
    const drawn = sampleJob({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'tee:t'],
        ['tee:t', 'east', 800, 'elbow:a'],
        ['elbow:a', 'north', 300, 'open:e'],
        ['tee:t', 'up', 300, 'cap:o'],
      ],
      nodes: { t: { state: 'existing' } },
    })
    const legs = drawn.legs.map((leg) => (leg.id === 'l4' ? leg : { ...leg, state: 'existing' as const }))
    const fittings = planJob({ ...drawn, legs }, catalogue).parts.filter(({ node }) => node)
    expect(fittings.map(({ id, kind }) => [id, kind])).toEqual([
      ['r1/t', 'existing'],
      ['r1/o', 'fitting'],
    ])
  })

  it('a chain is laid end to end, whichever way its fittings are named', () => {
    // Named with its thread first, it is turned so that its thread meets the next one.
    const fittings = ['22 solder × 3/4 M BSP adapter', '28 press × 3/4 F BSP adapter']
    const ends = (
      of: readonly string[],
      pipes: readonly [string, string],
      methods: ['solder' | 'press-metal', 'solder' | 'press-metal'],
    ) =>
      planJob(
        sampleJob({
          pipe: pipes[1],
          method: methods[1],
          legs: [['tie-in:s', 'east', 1000, 'open:e']],
          nodes: { s: { existing: pipes[0], fitting: chained([...of], methods) } },
        }),
        catalogue,
      )
        .parts.filter(({ kind }) => kind === 'fitting')
        .map(({ ports }) => ports.map(({ end }) => end))
    const copper28 = pipeId('EN 1057', '28', 0.9)
    expect(ends(fittings, [copper, copper28], ['solder', 'press-metal'])).toEqual([
      ['22 solder', '3/4 M BSP'],
      ['3/4 F BSP', '28 press'],
    ])
    expect(ends(fittings.toReversed(), [copper28, copper], ['press-metal', 'solder'])).toEqual([
      ['28 press', '3/4 F BSP'],
      ['3/4 M BSP', '22 solder'],
    ])
  })
})

it('a bend support is asked for where one holds a bend of plastic pipe, and is what its radius is judged by', () => {
  const bent = (pipe: string, held: boolean | undefined, state?: 'existing') => {
    const job = sampleJob({
      pipe,
      method: 'crimp',
      legs: [
        ['open:s', 'east', 700, 'bend:b'],
        ['bend:b', 'north', 700, 'bend:c'],
        ['bend:c', 'up', 700, 'open:e'],
      ],
      nodes: { b: { radius: 90, held }, c: { radius: 200, held } },
    })
    return planJob({ ...job, legs: job.legs.map((leg) => ({ ...leg, state })) }, catalogue)
  }
  const pex = pipeId('EN ISO 15875', '16')
  const supports = (plan: ReturnType<typeof bent>) => plan.sundries.filter(({ label }) => label.includes('bend'))
  const radius = (plan: ReturnType<typeof bent>) => plan.checks.filter(({ rule }) => rule === 'bend-radius')
  expect(supports(bent(pex, true))).toEqual([{ item: '16 bend support', label: '16 bend support', count: 2 }])
  // 90 is less than 8 times 16, and more than the 5 times that a support allows.
  expect([radius(bent(pex, undefined)).length, radius(bent(pex, true)).length]).toEqual([1, 0])
  for (const plan of [bent(pex, undefined), bent(copper, true), bent(pex, true, 'existing')])
    expect(supports(plan)).toEqual([])
})

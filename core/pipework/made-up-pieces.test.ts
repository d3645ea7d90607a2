import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { isInLine } from '../catalogue/fitting'
import { shippedTransitions } from '../catalogue/fittings'
import type { MethodId } from '../methods/ids'
import type { ChainChoice, Job, Node } from '../job/job'
import { systemsOf } from '../job/system'
import { planJob } from '../plan/plan-job'
import { layOut } from '../run/layout'
import { said } from '../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { chainStretches } from './fittings/chain-stretches'
import { withMadeUpPieces } from './made-up-pieces'
import { byName, chained } from '../testing/sample-choice'
import { armsChosen, chainChosen, nameChosen } from '../job/chosen'

const copper28 = pipeId('EN 1057', '28', 0.9)
const copper22 = pipeId('EN 1057', '22', 0.9)
const multilayer16 = pipeId('EN ISO 21003', '16')

const solderToPress = '28 solder × 22 press adapter'
const pressToMultilayer = '22 press × 16 multilayer press adapter'
const both = chained([solderToPress, pressToMultilayer], ['solder', 'press-multilayer'])

/** 28 copper from the west, 16 multilayer on to the east, and between them a chain. */
function across(
  { fittings, joints }: Omit<ChainChoice, 'by'>,
  node: Partial<Node> = {},
  lengths: readonly [number, number] = [1000, 800],
): Job {
  const job = sampleJob({
    pipe: copper28,
    method: 'solder',
    legs: [
      ['open:s', 'east', lengths[0], 'adapter:a'],
      ['a', 'east', lengths[1], 'cap:e'],
    ],
    nodes: { a: { fitting: chained(fittings, joints), ...node }, e: { method: 'press-multilayer' } },
  })
  return { ...job, legs: job.legs.map((leg, at) => (at === 1 ? { ...leg, pipe: multilayer16 } : leg)) }
}
/** 22 copper with a tee, and 16 multilayer from its branch by an arm of these fittings. */
function onArm(fitting: string, fittings: string[], method: MethodId, length = 600): Job {
  const job = sampleJob({
    pipe: copper22,
    method: 'solder',
    legs: [
      ['open:s', 'east', 1000, 'tee:t'],
      ['t', 'east', 800, 'open:o'],
      ['t', 'north', length, 'cap:e'],
    ],
    nodes: { t: { fitting: byName(fitting, { l3: { fittings, method } }) }, e: { method } },
  })
  return { ...job, legs: job.legs.map((leg) => (leg.id === 'l3' ? { ...leg, pipe: multilayer16 } : leg)) }
}
const legsOf = ({ legs }: Job) => legs.map(({ id, from, to, length }) => [id, from, to, length])
const cutsOf = (job: Job) => planJob(job, catalogue).pieces.map(({ cut }) => cut)
const whyOf = (job: Job) => said(planJob(job, catalogue).pieces[0]!.missing)

describe('a chain of which two sockets face each other', () => {
  it('has a short piece between them, with its number and cut length', () => {
    // The piece: 23 in either press socket and the jaw's 20 between. Whole: 7.8 + 66 + 12.8 = 86.6, about the node.
    const job = withMadeUpPieces(catalogue, across(both))
    expect(legsOf(job)).toEqual([
      ['l1', 's', 'a', 1000 - 43.3 + 3.9],
      ['a~1', 'a', 'a~1', 76.3],
      ['l2', 'a~1', 'e', 800 - 43.3 + 6.4],
    ])
    expect(job.nodes.map((node) => [node.id, chainChosen(node)?.fittings, chainChosen(node)?.joints])).toEqual([
      ['s', undefined, undefined],
      ['a', [solderToPress], ['solder', 'press-metal']],
      ['a~1', [pressToMultilayer], ['press-metal', 'press-multilayer']],
      ['e', undefined, undefined],
    ])
    const { pieces, joints, fittings } = planJob(job, catalogue)
    expect(pieces.map(({ id, pipe, cut }) => [id, pipe, cut])).toEqual([
      ['P1', copper28, 956.7],
      ['P2', copper22, 66],
      ['P3', multilayer16, 756.7],
    ])
    expect(joints.map(({ method, piece, verdict }) => [method, piece, verdict])).toEqual([
      ['solder', 'P1', 'fits'],
      ['press-metal', 'P2', 'fits'],
      ['press-metal', 'P2', 'fits'],
      ['press-multilayer', 'P3', 'fits'],
      ['press-multilayer', 'P3', 'fits'],
    ])
    expect(fittings.map(({ label, count }) => [label, count])).toEqual([
      [solderToPress, 1],
      [pressToMultilayer, 1],
      ['16 multilayer press cap', 1],
    ])
  })

  it('is planned the same whether it was pulled apart before or not, and is pulled apart once', () => {
    const job = across(both)
    const apart = withMadeUpPieces(catalogue, job)
    expect(planJob(job, catalogue)).toEqual(planJob(apart, catalogue))
    expect(withMadeUpPieces(catalogue, apart)).toBe(apart)
  })

  it('stands the same when the legs were drawn from the other end', () => {
    const job = across({ fittings: both.fittings.toReversed(), joints: ['press-multilayer', 'solder'] })
    const back: Job = {
      ...job,
      legs: job.legs.map((leg) => ({ ...leg, from: leg.to, to: leg.from, direction: 'west' as const })).toReversed(),
    }
    expect(cutsOf(back)).toEqual([756.7, 66, 956.7])
  })

  it('turns each fitting as it must stand: sold the other way about, it is the same piece', () => {
    const [first] = planJob(across(both), catalogue).parts.filter(({ node }) => node === 'a')
    expect(first!.ports.map(({ end }) => end)).toEqual(['28 solder', '22 press'])
    const wider = across({
      fittings: ['22 solder × 28 press adapter', pressToMultilayer],
      joints: ['press-metal', 'press-multilayer'],
    })
    const [turned] = planJob(wider, catalogue).parts.filter(({ node }) => node === 'a')
    expect(turned!.ports.map(({ end }) => end)).toEqual(['28 press', '22 solder'])
    // 15.4 soldered, half of the jaw's 20, 23 pressed.
    expect(cutsOf(wider)[1]).toBeCloseTo(15.4 + 10 + 23, 9)
  })

  it('goes on from a fixed point: the node moves by half of what is put in, the far end stays', () => {
    const job = withMadeUpPieces(catalogue, across(both, { at: [1000, 0, 500], height: 500 }))
    expect(job.nodes[1]).toMatchObject({ at: [1000 - 43.3 + 3.9, 0, 500], height: 500 })
    expect(layOut(systemsOf(job)[0]!).places.get('e')![0]).toBeCloseTo(1800, 9)
  })

  it('upright, a fixed height goes with the node', () => {
    const level = across(both, { height: 1000 })
    const upright = withMadeUpPieces(catalogue, {
      ...level,
      legs: level.legs.map((leg) => ({ ...leg, direction: 'up' as const })),
    })
    expect(upright.nodes[1]!.height).toBeCloseTo(1000 - 43.3 + 3.9, 9)
    const level0 = withMadeUpPieces(catalogue, across(both))
    expect('height' in level0.nodes[1]!).toBe(false)
  })

  it('at a tie-in begins where the existing pipe stops, and the leg gives it all', () => {
    const tieIn: SampleRun = {
      pipe: multilayer16,
      method: 'press-multilayer',
      legs: [['tie-in:t', 'east', 900, 'cap:e']],
      nodes: { t: { existing: copper28, fitting: both } },
    }
    const job = withMadeUpPieces(catalogue, sampleJob(tieIn))
    expect(legsOf(job)).toEqual([
      ['t~1', 't', 't~1', 7.8 + 66 + 6.4],
      ['l1', 't~1', 'e', 900 - 80.2],
    ])
    expect(cutsOf(job)).toEqual([66, 900 - 86.6])
  })

  it('on an arm of a tee stands beyond the tee: 10.6 soldered, half of the jaw’s 15, 22 pressed', () => {
    const fittings = ['15 press × 16 multilayer press adapter']
    const apart = withMadeUpPieces(
      catalogue,
      onArm('22 solder × 22 solder × 15 solder tee', fittings, 'press-multilayer'),
    )
    expect(armsChosen(apart.nodes.find(({ id }) => id === 't')!)).toEqual({})
    // From the tee's centre 18.3 to its branch's stop, 40.1 of pipe, half of the adapter's 11.3.
    expect(apart.legs.find(({ madeUp }) => madeUp)).toMatchObject({ length: 64.05, from: 't' })
    expect(cutsOf(apart)[2]).toBeCloseTo(10.6 + 7.5 + 22, 9)
    expect(cutsOf(apart)[3]).toBeCloseTo(600 - 18.3 - 40.1 - 11.3, 9)
  })

  it('on an arm keeps there what goes in the tee itself, and the rest stands beyond the piece', () => {
    const fittings = ['15 press × 1/2 M BSP adapter', '15 solder × 16 insert compression adapter']
    const apart = withMadeUpPieces(catalogue, onArm('22 solder × 22 solder × 1/2 F BSP tee', fittings, 'compression'))
    const piece = apart.legs.find(({ madeUp }) => madeUp)!
    expect(armsChosen(apart.nodes.find(({ id }) => id === 't')!)).toEqual({
      [piece.id]: { fittings: [fittings[0]], method: 'press-metal' },
    })
    const plan = planJob(apart, catalogue)
    expect(plan.pieces.map(({ missing }) => missing)).toEqual([null, null, null, null])
    expect(plan.pieces[2]!.cut).toBeCloseTo(22 + 7.5 + 10.6, 9)
    expect(plan.joints.filter(({ inner }) => inner)).toHaveLength(1)
  })

  it('on two arms of a tee each has its own piece', () => {
    const job = onArm(
      '22 solder × 15 solder × 15 solder tee',
      ['15 press × 16 multilayer press adapter'],
      'press-multilayer',
    )
    const tee = nameChosen(job.nodes[1]!)!
    const fitting = byName(tee.name, { ...tee.arms, l2: tee.arms!.l3! })
    const both: Job = {
      ...job,
      nodes: job.nodes.map((node) => (node.id === 't' ? { ...node, fitting } : node)),
      legs: job.legs.map((leg) => (leg.id === 'l2' ? { ...leg, pipe: multilayer16 } : leg)),
    }
    const pieces = withMadeUpPieces(catalogue, both).legs.filter(({ madeUp }) => madeUp)
    expect(pieces.map(({ from, to }) => [from, to]).toSorted()).toEqual([
      ['t', 'l2~1'],
      ['t', 'l3~1'],
    ])
    // What goes in the tee itself stays on each arm, by its own piece.
    const threaded = ['15 press × 1/2 M BSP adapter', '15 solder × 16 insert compression adapter']
    const arm = { fittings: threaded, method: 'compression' as const }
    const screwed = withMadeUpPieces(catalogue, {
      ...both,
      nodes: both.nodes.map((node) =>
        node.id === 't'
          ? { ...node, fitting: byName('1/2 BSP thread × 1/2 BSP thread × 1/2 F BSP tee', { l2: arm, l3: arm }) }
          : node,
      ),
    })
    const kept = armsChosen(screwed.nodes.find(({ id }) => id === 't')!)
    const made = screwed.legs.filter(({ madeUp }) => madeUp).map(({ id }) => id)
    expect(made).toHaveLength(2)
    for (const id of made) expect(kept[id]).toEqual({ fittings: [threaded[0]], method: 'press-metal' })
  })

  it('gives no id that stands for something in another system of the job', () => {
    const one = across(both)
    const other = { id: 'a~1', run: 'r2', kind: 'open' as const }
    const runs = [...one.runs, { ...one.runs[0]!, id: 'r2' }]
    const ids = withMadeUpPieces(catalogue, { ...one, runs, nodes: [...one.nodes, other] }).nodes.map(({ id }) => id)
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids).toHaveLength(one.nodes.length + 2)
  })

  it('of three stretches has two pieces', () => {
    const chain = ['28 solder × 22 press adapter', '22 press × 22 press coupling', pressToMultilayer]
    expect(cutsOf(across({ fittings: chain, joints: ['solder', 'press-multilayer'] })).slice(1, 3)).toEqual([66, 66])
  })
})

describe('a chain stays as it is, and says what to do', () => {
  const stays = (job: Job) => expect(withMadeUpPieces(catalogue, job)).toBe(job)

  it('where a leg is too short for it', () => {
    const job = across(both, {}, [1000, 36])
    stays(job)
    expect(whyOf(job)).toContain('no room for a short piece')
    stays(across(both, {}, [36, 1000]))
    const [tee, press] = ['22 solder × 22 solder × 15 solder tee', ['15 press × 16 multilayer press adapter']]
    // From the tee's centre to that of the adapter 64.05.
    stays(onArm(tee, press, 'press-multilayer', 64))
    expect(withMadeUpPieces(catalogue, onArm(tee, press, 'press-multilayer', 65)).legs).toHaveLength(4)
    expect(cutsOf(across(both, {}, [1000, 44]))[1]).toBe(66)
  })

  it('where no pipe goes into both, and where two threads face each other', () => {
    stays(
      across({
        fittings: ['28 solder × 22 press adapter', '15 press × 16 multilayer press adapter'],
        joints: both.joints,
      }),
    )
    const threads = ['28 solder × 1 M BSP adapter', '32 multilayer press × 1 M BSP adapter']
    stays(across({ fittings: threads, joints: both.joints }))
  })

  it('where it was measured as a whole, where a fitting is unknown, and where it goes together', () => {
    const measured = across(both, { measured: { takeOff: 50, tolerance: 1 } })
    stays(measured)
    expect(cutsOf(measured)[0]).toBe(950)
    stays(across({ fittings: [solderToPress, 'a thing of the shed'], joints: both.joints }))
    stays(
      across({
        fittings: ['28 solder × 1 F BSP adapter', '32 multilayer press × 1 M BSP adapter'],
        joints: both.joints,
      }),
    )
  })

  it('where the pipe turns at it', () => {
    const job = across(both)
    stays({ ...job, legs: job.legs.map((leg, at) => (at === 1 ? { ...leg, direction: 'north' as const } : leg)) })
  })
})

it('a stretch of two that go one in the other is looked at from its outer ends, whichever way they are sold', () => {
  // The first is sold with its 28 before its 16: here it begins with the 16.
  const fittings = [
    '28 press × 16 multilayer press adapter',
    '28 press FTG × 15 press fitting reducer',
    '15 solder × 15 compression adapter',
  ]
  const takes = { back: () => true, on: () => true }
  const copper15 = pipeId('EN 1057', '15', 0.7)
  const stretches = chainStretches(catalogue, fittings, { open: null, takes, near: [catalogue.pipe(copper15)!] })!
  expect(stretches.map(({ fittings: of, methods, piece }) => [of.length, methods, piece?.pipe.id])).toEqual([
    [2, ['press-multilayer', 'press-metal'], undefined],
    [1, ['solder', 'compression'], copper15],
  ])
})

it('two fittings in line of any kind: what is drawn stays as long, and every port is in one joint', () => {
  const inLine = shippedTransitions().filter(isInLine)
  const methodOf = (end: (typeof inLine)[number]['ends'][number]): MethodId =>
    end.type === 'thread' ? 'thread' : end.socket.method
  const some = fc.integer({ min: 0, max: inLine.length - 1 })
  fc.assert(
    fc.property(some, some, (one, other) => {
      const [a, b] = [inLine[one]!, inLine[other]!]
      const ends = [a.ends[0], b.ends[1]] as const
      const pipes = ends.map((end) =>
        catalogue.pipes.find(
          (pipe) => catalogue.socketFor(methodOf(end), pipe)?.id === (end.type === 'socket' ? end.socket.id : ''),
        ),
      )
      fc.pre(pipes.every((pipe) => pipe !== undefined))
      const job = across({ fittings: [a.id, b.id], joints: [methodOf(ends[0]), methodOf(ends[1])] })
      const drawn = { ...job, legs: job.legs.map((leg, at) => ({ ...leg, pipe: pipes[at]!.id })) }
      const apart = withMadeUpPieces(catalogue, drawn)
      expect(apart.legs.reduce((sum, { length }) => sum + length!, 0)).toBeCloseTo(1800, 6)
      const ports = planJob(apart, catalogue).joints.flatMap(({ between }) =>
        between.map(({ part, port }) => `${part}:${port}`),
      )
      expect(new Set(ports).size).toBe(ports.length)
    }),
    { numRuns: 300 },
  )
})

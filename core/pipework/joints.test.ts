import { describe, expect, it } from 'vitest'
import type { Node } from '../job/job'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { byName, chained } from '../testing/sample-choice'

const joints = (legs: Parameters<typeof sampleJob>[0]['legs'], nodes = {}) =>
  planJob(sampleJob({ pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', legs, nodes }), catalogue).joints

describe('the numbers of joints', () => {
  it('count along the run and into each branch as it comes, whatever was drawn first', () => {
    // The way on from the tee is drawn before its branch, and the last corner before both.
    const found = joints([
      ['open:s', 'east', 500, 'elbow:a'],
      ['elbow:c', 'up', 300, 'cap:d'],
      ['elbow:a', 'north', 500, 'tee:t'],
      ['tee:t', 'north', 500, 'elbow:c'],
      ['tee:t', 'east', 400, 'cap:b'],
    ])
    expect(found.map(({ number, node }) => [number, node])).toEqual([
      [1, 'a'],
      [2, 'a'],
      [3, 't'],
      [4, 't'],
      [5, 't'],
      [6, 'c'],
      [7, 'c'],
      [8, 'd'],
      [9, 'b'],
    ])
  })

  it('what hangs on nothing comes last, and numbers go on from run to run', () => {
    const loose = joints([
      ['open:s', 'east', 500, 'elbow:a'],
      ['elbow:x', 'east', 500, 'cap:y'],
      ['elbow:a', 'up', 500, 'cap:b'],
    ])
    expect(loose.map(({ node }) => node)).toEqual(['a', 'a', 'b', 'x', 'y'])
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['elbow:s', 'up', 300, 'cap:e']],
    })
    const two = planJob(withCopy(job, 'r2'), catalogue)
    expect(two.joints.map(({ number, run, id }) => `${number} ${run} ${id}`)).toEqual([
      '1 r1 r1/s/l1',
      '2 r1 r1/e/l1',
      '3 r2 r2/s/l1',
      '4 r2 r2/e/l1',
    ])
  })

  it('either end of a bent piece is named by the leg that lies at it', () => {
    const found = joints(
      [
        ['elbow:s', 'east', 500, 'bend:b'],
        ['bend:b', 'north', 500, 'cap:e'],
      ],
      { b: { radius: 88 } },
    )
    expect(found.map(({ id }) => id)).toEqual(['r1/s/l1', 'r1/e/l2'])
  })

  it('an existing pipe is a joint of its own, without a piece', () => {
    const found = joints([['tie-in:s', 'east', 500, 'cap:e']], {
      s: { existing: pipeId('EN 1057', '22', 0.9), method: 'compression' },
    })
    expect(found.map(({ piece, method, node }) => [node, piece, method])).toEqual([
      ['s', null, 'compression'],
      ['s', 'P1', 'compression'],
      ['e', 'P1', 'solder'],
    ])
  })

  it('those at a slip coupling are told apart: it has no stop', () => {
    const found = joints([
      ['open:s', 'east', 500, 'slip-coupling:a'],
      ['slip-coupling:a', 'east', 500, 'elbow:b'],
      ['elbow:b', 'up', 500, 'open:e'],
    ])
    expect(found.map(({ node, slips }) => [node, slips])).toEqual([
      ['a', true],
      ['a', true],
      ['b', false],
      ['b', false],
    ])
  })
})

describe('pipe that comes through a finished wall', () => {
  it('is judged where it comes through, not at every joint of its run; a drop-ear elbow holds it', () => {
    const run = sampleJob({
      pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
      method: 'crimp',
      legs: [
        ['cap:s', 'east', 1000, 'elbow:a'],
        ['elbow:a', 'north', 500, 'outlet:o'],
      ],
    })
    const bare = { ...run, runs: run.runs.map((of) => ({ ...of, place: { stubOut: 'bare' as const } })) }
    const refused = (job: typeof run) =>
      planJob(job, catalogue).joints.flatMap(({ id, verdict }) => (verdict === 'refuse' ? [id] : []))
    expect(refused(bare)).toEqual(['r1/o/l2'])
    const fitting = byName('1/2 crimp × 1/2 F NPT drop-ear elbow')
    const held = { ...bare, nodes: bare.nodes.map((node) => (node.id === 'o' ? { ...node, fitting } : node)) }
    expect(refused(held)).toEqual([])
  })
})

describe('a tie-in', () => {
  it('stands where the existing pipe stops: new pipe is cut alike, whether its coupling is plain or chosen', () => {
    const copper22 = pipeId('EN 1057', '22', 0.9)
    const tied = (chosen: Partial<Node>) =>
      planJob(
        sampleJob({
          pipe: copper22,
          method: 'press-metal',
          legs: [['tie-in:t', 'east', 1000, 'open:e']],
          nodes: { t: { existing: copper22, ...chosen } },
        }),
        catalogue,
      )
    const plain = tied({})
    const named = tied({ fitting: chained(['22 press × 22 press coupling'], ['press-metal', 'press-metal']) })
    // 4 from stop to stop: the old pipe stops at the one, the new at the other.
    expect([plain, named].map(({ pieces }) => pieces[0]!.cut)).toEqual([996, 996])
    const stops = plain.parts.find(({ kind }) => kind === 'fitting')!.ports.map(({ at }) => at![0])
    expect(stops.toSorted((a, b) => a - b)).toEqual([0, 4])
  })
})

describe('old pipe in the middle of a run', () => {
  const old = pipeId('BS 659', '3/4')
  it('goes into a converter’s old side as it does at a tie-in, cut and judged alike', () => {
    const converter = { fittings: ['old 3/4 solder × 22 solder converter'], joints: ['solder', 'solder'] as const }
    const drawn = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['cap:s', 'east', 800, 'coupling:m'],
        ['coupling:m', 'east', 700, 'cap:e'],
      ],
      nodes: { m: { fitting: chained(converter.fittings, converter.joints) } },
    })
    const plan = planJob(
      { ...drawn, legs: drawn.legs.map((leg) => (leg.id === 'l1' ? { ...leg, pipe: old } : leg)) },
      catalogue,
    )
    const [first] = plan.joints.filter(({ node, leg }) => node === 'm' && leg === 'l1')
    // 15.5 deep on the old side, 15.4 on the new; the converter 0.3 × 0.512 + 2 whole.
    expect(first).toMatchObject({ method: 'solder', insertion: 15.5, verdict: 'fits' })
    expect(plan.checks.filter(({ verdict, node }) => verdict === 'refuse' && node === 'm')).toEqual([])
    expect(plan.pieces.map(({ ends }) => ends.map(({ takeOff }) => takeOff))).toEqual([
      [0, 1.1],
      [1.1, 0],
    ])
    const tied = planJob(
      sampleJob({
        pipe: pipeId('EN 1057', '22', 0.9),
        method: 'solder',
        legs: [['tie-in:t', 'east', 700, 'cap:e']],
        nodes: { t: { existing: old, fitting: chained(converter.fittings, converter.joints) } },
      }),
      catalogue,
    )
    expect(tied.joints[0]).toMatchObject({ insertion: 15.5, verdict: 'fits' })
  })
})

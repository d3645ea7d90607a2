import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { planJob } from './plan-job'
import { said } from '../testing/said'
import { longJob, pipeId, sampleJob, type SampleRun } from '../testing/sample-run'

/** Two elbows and a tee: start, elbow a, tee t, elbow b, open ends. */
const elbowsAndTee = (pipe: string, method: SampleRun['method'], profile: SampleRun['profile']): SampleRun => ({
  pipe,
  method,
  profile,
  legs: [
    ['open:start', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'north', 1500, 'tee:t'],
    ['tee:t', 'north', 800, 'elbow:b'],
    ['elbow:b', 'up', 600, 'open:top'],
    ['tee:t', 'east', 450, 'open:side'],
  ],
})
const cuts = (run: SampleRun) => planJob(sampleJob(run), shippedCatalogue).pieces.map(({ cut }) => cut)

describe('cut lengths, worked by hand', () => {
  it('22 metric copper, soldered: elbow 14.6, tee run 12.5, branch 13.5', () => {
    expect(cuts(elbowsAndTee(pipeId('EN 1057', '22', 0.9), 'solder', 'metric'))).toEqual([
      985.4, // 1000 − 14.6
      1472.9, // 1500 − 14.6 − 12.5
      772.9, // 800 − 12.5 − 14.6
      585.4, // 600 − 14.6
      436.5, // 450 − 13.5
    ])
  })

  it('three-quarter CTS copper, pressed: elbow 28.3, tee run 14.1, branch 16.1', () => {
    expect(cuts(elbowsAndTee(pipeId('ASTM B88', '3/4', 'L'), 'press-metal', 'us-a'))).toEqual([
      971.7, 1457.6, 757.6, 571.7, 433.9,
    ])
  })

  it('half-inch PEX, crimped: elbow 14.7, tee run 11.6, branch 13.9', () => {
    expect(cuts(elbowsAndTee(pipeId('ASTM F876', '1/2', 'pex-b'), 'crimp', 'us-a'))).toEqual([
      985.3, 1473.7, 773.7, 585.3, 436.1,
    ])
  })

  it('adds up tolerances in the worst case and keeps the weaker basis', () => {
    const plan = planJob(sampleJob(elbowsAndTee(pipeId('EN 1057', '22', 0.9), 'solder', 'metric')), shippedCatalogue)
    expect(plan.pieces[1]).toMatchObject({ tolerance: 3, basis: 'typical' })
    expect(plan.pieces[1]?.ends[0]).toMatchObject({ insertion: 15.4, insertionBasis: 'standard', takeOff: 14.6 })
  })

  it('a pulled bend takes off its gain: 88 mm at 90 degrees gains 37.77', () => {
    const run: SampleRun = {
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:a', 'east', 500, 'bend:b'],
        ['bend:b', 'north', 400, 'open:c'],
      ],
      nodes: { b: { radius: 88 } },
    }
    const [piece] = planJob(sampleJob(run), shippedCatalogue).pieces
    expect(piece?.cut).toBeCloseTo(500 + 400 - 37.77, 1)
    expect(piece?.bends).toEqual([
      {
        node: 'b',
        angle: 90,
        turn: 0,
        radius: 88,
        start: 412,
        middle: expect.closeTo(481.1, 1),
        end: expect.closeTo(550.2, 1),
      },
    ])
  })
})

describe('figures that are not known', () => {
  const outlet: SampleRun = {
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [['open:a', 'east', 500, 'outlet:b']],
  }

  it('leaves the cut empty and says what to measure', () => {
    const union = sampleJob({
      ...outlet,
      legs: [['open:a', 'east', 500, 'union:b']],
      nodes: { b: { method: 'compression' } },
    })
    const plan = planJob(union, shippedCatalogue)
    expect(plan.pieces[0]!.cut).toBeNull()
    expect(said(plan.pieces[0]!.missing)).toContain('union')
    expect(plan.checks).toContainEqual(expect.objectContaining({ rule: 'unknown-figure', verdict: 'caution' }))
  })

  it('takes the measured figure as soon as there is one', () => {
    const plan = planJob(
      sampleJob({ ...outlet, nodes: { b: { measured: { takeOff: 9, insertion: 17, tolerance: 0.5 } } } }),
      shippedCatalogue,
    )
    expect(plan.pieces[0]).toMatchObject({ cut: 491, tolerance: 0.5, basis: 'measured' })
    expect(plan.joints[0]).toMatchObject({ insertion: 17, insertionBasis: 'measured' })
  })

  it('has no take-off for an elbow that nobody makes', () => {
    const run: SampleRun = {
      ...outlet,
      legs: [
        ['open:a', 'east', 500, 'elbow:b'],
        ['elbow:b', { bearing: 30, pitch: 0 }, 400, 'open:c'],
      ],
    }
    expect(said(planJob(sampleJob(run), shippedCatalogue).pieces[0]?.missing)).toContain('no elbow turns 60°')
  })
})

describe('checks', () => {
  it('refuses a piece shorter than both insertion depths and says by how much to move', () => {
    const run: SampleRun = {
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'south', 200, 'elbow:a'],
        ['elbow:a', 'east', 50, 'elbow:b'],
        ['elbow:b', 'north', 200, 'open:e'],
      ],
    }
    const check = planJob(sampleJob(run), shippedCatalogue).checks.find(({ rule }) => rule === 'least-piece')
    // 50 − 14.6 − 14.6 = 20.8 cut; 2 × 15.4 = 30.8 needed: 10 short.
    expect(check?.verdict).toBe('refuse')
    expect(said(check)).toContain('move a fitting by 10 mm')
  })

  it('refuses a valve at a corner', () => {
    const run: SampleRun = {
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['open:s', 'south', 200, 'valve:a'],
        ['valve:a', 'east', 500, 'open:b'],
      ],
    }
    const found = planJob(sampleJob(run), shippedCatalogue).checks.find(({ rule }) => rule === 'goes-straight')
    expect(found).toMatchObject({ verdict: 'refuse', node: 'a' })
  })

  it('gives the closing error per axis of a run between fixed points', () => {
    const run: SampleRun = {
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['tie-in:a', 'east', 1000, 'elbow:b'],
        ['elbow:b', 'up', 500, 'tie-in:c'],
      ],
      nodes: { a: { at: [0, 0, 0] }, c: { at: [1004, -2, 500] } },
    }
    expect(planJob(sampleJob(run), shippedCatalogue).closing).toEqual([{ run: 'r1', x: 4, y: -2, z: 0 }])
  })

  it('refuses PVC-U on hot water at every joint, said once', () => {
    const run: SampleRun = {
      ...elbowsAndTee(pipeId('ASTM D1785', '3/4', 'Schedule 40'), 'solvent', 'us-a'),
      service: 'hot',
    }
    const found = planJob(sampleJob(run), shippedCatalogue).checks.filter(({ rule }) => rule === 'service-temperature')
    expect(found).toHaveLength(1)
    expect(found[0]).toMatchObject({ verdict: 'refuse', where: expect.stringContaining('6 more') })
  })
})

describe('counts', () => {
  it('counts fittings by what is asked for at the counter, and rings and clips', () => {
    const plan = planJob(
      sampleJob(elbowsAndTee(pipeId('ASTM F876', '1/2', 'pex-b'), 'crimp', 'us-a')),
      shippedCatalogue,
    )
    expect(plan.fittings).toEqual([
      { item: '1/2 crimp × 1/2 crimp elbow 90', label: '1/2 insert elbow 90°', count: 2, nodes: ['a', 'b'] },
      { item: '1/2 crimp × 1/2 crimp × 1/2 crimp tee', label: '1/2 insert tee', count: 1, nodes: ['t'] },
    ])
    expect(plan.sundries).toEqual([{ item: '1/2 crimp ring', label: '1/2 crimp ring', count: 7 }])
    expect(plan.clipCounts[0]?.count).toBe(plan.clips.length)
  })
})

describe('properties', () => {
  const lengths = fc.array(fc.integer({ min: 200, max: 2000 }), { minLength: 4, maxLength: 4 })

  it('scales: every leg longer by k makes every piece longer by k', () => {
    fc.assert(
      fc.property(lengths, fc.integer({ min: 1, max: 500 }), ([a, b, c, d], k) => {
        const run = (by: number): SampleRun => ({
          pipe: pipeId('EN 1057', '15', 0.7),
          method: 'solder',
          legs: [
            ['open:s', 'east', a! + by, 'elbow:1'],
            ['elbow:1', 'north', b! + by, 'elbow:2'],
            ['elbow:2', 'up', c! + by, 'elbow:3'],
            ['elbow:3', 'west', d! + by, 'open:e'],
          ],
        })
        const before = cuts(run(0))
        cuts(run(k)).forEach((cut, index) => expect(cut! - before[index]!).toBeCloseTo(k, 6))
      }),
    )
  })

  it('lays every piece of a long job onto stock exactly once', () => {
    const plan = planJob(longJob(200), shippedCatalogue)
    const laid = plan.stock.flatMap(({ bars }) => bars.flatMap(({ pieces }) => pieces.map(({ id }) => id)))
    expect(laid.toSorted()).toEqual(plan.pieces.map(({ id }) => id).toSorted())
  })
})

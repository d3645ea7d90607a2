import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import { planJob } from './plan-job'
import { randomStream } from '../quantity/random-stream'
import type { MethodId } from '../methods/ids'
import { allowanceOf, type AllowedEnd } from '../pipework/take-off/allowance'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { closingChains, closureOf, shareThatCloses, type Chain } from './closure'

describe('how wrong a piece may be cut', () => {
  const socket = (insertion: number | null, method: MethodId = 'solder', isLeastDepth = false): AllowedEnd => ({
    method,
    insertion,
    isLeastDepth,
    slips: false,
  })
  const open: AllowedEnd = { method: null, insertion: 0, isLeastDepth: false, slips: false }

  it('between two cups: short by a fifth of the shallower depth, never long; err short', () => {
    expect(allowanceOf([socket(15.4), socket(20)], 0.8)).toEqual({
      short: expect.closeTo(3.08, 9),
      long: 0,
      err: 'short',
    })
  })

  it('a depth that is the standard’s least engagement has nothing to spare', () => {
    expect(allowanceOf([socket(15.4, 'solder', true), socket(20)], 0.8).short).toBe(0)
    const elbows = planJob(
      sampleJob({
        pipe: pipeId('EN 1057', '22', 0.9),
        method: 'solder',
        legs: [
          ['open:s', 'up', 500, 'elbow:a'],
          ['elbow:a', 'east', 900, 'elbow:b'],
          ['elbow:b', 'up', 500, 'open:e'],
        ],
      }),
      shippedCatalogue,
    )
    expect(elbows.pieces[1]!.allowance).toEqual({ short: 0, long: 0, err: 'short' })
    const slipping = planJob(
      sampleJob({
        pipe: pipeId('EN 1057', '22', 0.9),
        method: 'solder',
        legs: [
          ['elbow:a', 'east', 900, 'slip-coupling:b'],
          ['slip-coupling:b', 'east', 500, 'cap:e'],
        ],
      }),
      shippedCatalogue,
    )
    expect(slipping.pieces.map(({ allowance }) => allowance.err)).toEqual(['either way', 'either way'])
  })

  it('a method’s own share where it asks for more than the profile: a push-fit of 25 spares a tenth', () => {
    expect(allowanceOf([socket(25, 'push-fit'), socket(25, 'push-fit')], 0.8).short).toBeCloseTo(2.5, 9)
    expect(allowanceOf([socket(20, 'crimp'), socket(20, 'crimp')], 0.8).short).toBeCloseTo(1, 9)
    expect(allowanceOf([socket(25, 'push-fit'), socket(25, 'push-fit')], 0.96).short).toBeCloseTo(1, 9)
  })

  it('an open end is cut back, a slip coupling takes either', () => {
    expect(allowanceOf([socket(15.4), open], 0.8)).toMatchObject({ long: null, err: 'long' })
    expect(allowanceOf([socket(15.4), { ...socket(25), slips: true }], 0.8)).toMatchObject({
      long: null,
      err: 'either way',
    })
  })

  it('says nothing of a depth that is not known', () => {
    expect(allowanceOf([socket(15.4), socket(null)], 0.8).short).toBeNull()
    expect(allowanceOf([open, open], 0.8).short).toBeNull()
  })
})

describe('closure between two fixed points', () => {
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 800, 'elbow:b'],
      ['elbow:b', 'east', 600, 'tie-in:e'],
    ],
    nodes: { s: { at: [0, 0, 0] }, e: { at: [1600, 800, 0] } },
  })
  const [chain] = closingChains(job, planJob(job, shippedCatalogue), 0.8)

  it('adds up what lies along each axis: two pieces east, one north', () => {
    const { worst, likely, give } = closureOf(chain!)
    const [east, north] = [chain!.parts[0]!, chain!.parts[1]!]
    const all = (part: typeof east) => part.tolerances.reduce((sum, of) => sum + of, 0)
    expect(worst).toEqual([all(east) + all(chain!.parts[2]!), all(north), 0])
    expect(likely[1]).toBeCloseTo(Math.hypot(...north.tolerances), 9)
    // Soldered cups of the standard’s least engagement have nothing to spare.
    expect(give).toEqual([0, 0, 0])
    const pushed = { ...job, runs: job.runs.map((run) => ({ ...run, method: 'push-fit' as const })) }
    const plan = planJob(pushed, shippedCatalogue)
    const [loose] = closingChains(pushed, plan, 0.8)
    const depth = plan.joints[0]!.insertion!
    // Four joints east, two north, a tenth of each.
    expect(closureOf(loose!).give[0]).toBeCloseTo(4 * 0.1 * depth, 6)
    expect(closureOf(loose!).give[1]).toBeCloseTo(2 * 0.1 * depth, 6)
  })

  it('a bent piece counts along the straight line between its ends: 300 east and 400 north are 0.6 and 0.8', () => {
    const bent = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [
        ['tie-in:s', 'east', 300, 'bend:b'],
        ['bend:b', 'north', 400, 'tie-in:e'],
      ],
      nodes: { s: { at: [0, 0, 0] }, e: { at: [300, 400, 0] }, b: { radius: 88 } },
    })
    const [found] = closingChains(bent, planJob(bent, shippedCatalogue), 0.8)
    expect(found!.parts.map(({ along }) => along.map((part) => Math.round(part * 1e6) / 1e6))).toEqual([[0.6, 0.8, 0]])
  })

  it('names the pieces whose figures are not known, and counts what a leg was measured to', () => {
    const chainOf = (of: typeof job) => closingChains(of, planJob(of, shippedCatalogue), 0.8)[0]!
    expect(chainOf(job).unknown).toEqual([])
    const nodes = job.nodes.map((node) => ({
      ...node,
      ...(node.id === 'a' ? { kind: 'union' as const, method: 'compression' as const } : {}),
      ...(node.id === 'b' ? { kind: 'coupling' as const } : {}),
    }))
    const joined = {
      ...job,
      nodes,
      legs: job.legs.map((leg) => ({ ...leg, direction: 'east' as const })),
    }
    expect(chainOf(joined).unknown).toEqual(['P1', 'P2'])
    const measured = {
      ...job,
      legs: job.legs.map((leg) => (leg.id === 'l2' ? { ...leg, tolerance: 3 } : leg)),
    }
    expect(chainOf(measured).parts.map(({ tolerances }) => tolerances.at(-1))).toEqual([0, 3, 0])
    expect(closureOf(chainOf(measured)).worst[1] - closureOf(chainOf(job)).worst[1]).toBeCloseTo(3, 9)
  })

  it('each run by its own pieces', () => {
    const both = withCopy(job, 'r2', { method: 'push-fit' })
    const alone = { ...job, runs: [{ ...job.runs[0]!, method: 'push-fit' as const }] }
    const partsOf = (of: typeof job) =>
      closingChains(of, planJob(of, shippedCatalogue), 0.8).map(({ run, parts }) => [run, parts])
    expect(partsOf(both)).toEqual([...partsOf(job), ...partsOf(alone).map(([, parts]) => ['r2', parts])])
  })

  it('worked by hand: two pieces in line, ± 0.5 and twice ± 1 each: worst 5, likely 2.12', () => {
    const part = { along: [1, 0, 0], tolerances: [0.5, 1, 1], give: 3 } as const
    const { worst, likely } = closureOf({ run: 'r', from: 'a', to: 'b', parts: [part, part], unknown: [] })
    expect(worst[0]).toBe(5)
    expect(likely[0]).toBeCloseTo(Math.sqrt(2 * (0.25 + 2)), 9)
  })

  it('half of all builds are too long where nothing springs; the normal law gives the rest', () => {
    const part = { along: [1, 0, 0], tolerances: [2], give: 1 } as const
    const one: Chain = { run: 'r', from: 'a', to: 'b', parts: [part], unknown: [] }
    const share = (spring: number) => shareThatCloses(one, spring, randomStream(7), 40_000)
    // The deviation is 1: within 0 and one deviation 34.13 %, within one either way 68.27 %.
    expect(share(0)).toBeCloseTo(0.3413, 2)
    expect(share(1)).toBeCloseTo(0.6827, 2)
  })

  it('more spring or more give never closes fewer', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 1, max: 1000 }), (spring, seed) => {
        const share = (by: number) => shareThatCloses(chain!, by, randomStream(seed), 300)
        expect(share(spring + 1)).toBeGreaterThanOrEqual(share(spring))
      }),
    )
  })
})

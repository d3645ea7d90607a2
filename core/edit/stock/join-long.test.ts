import { countedIds } from '../../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { said } from '../../testing/said'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { Job, Leg } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { profiles } from '../../workshop/profile'
import { layOut } from '../../run/layout'
import { pipeId, sampleJob, withCopy } from '../../testing/sample-run'
import { joinLong } from './join-long'
import { systemsOf } from '../../job/system'

const straight = (length: number, fixings?: Leg['fixings']): Job => {
  const job = sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['open:s', 'north', 500, 'elbow:a'],
      ['elbow:a', 'east', length, 'elbow:b'],
      ['elbow:b', 'north', 500, 'open:e'],
    ],
  })
  return { ...job, legs: job.legs.map((leg) => (leg.id === 'l2' ? { ...leg, fixings } : leg)) }
}
const joined = (job: Job) =>
  joinLong(catalogue, job, countedIds, { plan: planJob(job, catalogue), replan: (of) => planJob(of, catalogue) })
const cuts = (job: Job) => planJob(job, catalogue).pieces.map(({ cut }) => cut)

describe('pieces longer than their stock', () => {
  it('7 m of 22 copper on 3 m lengths: two couplings, whole lengths first', () => {
    const { job, couplings, problems } = joined(straight(7000))
    expect([couplings, problems]).toEqual([2, []])
    // Elbow 14.6, coupling 0.8 to its stop: 14.6 + 3000 + 0.8 = 3015.4, to the half downwards 3015; then 0.8 + 3000 + 0.8 on.
    expect(job.legs.map(({ length }) => length)).toEqual([500, 3015, 3001.5, 983.5, 500])
    const { pieces, stock, fittings } = planJob(job, catalogue)
    expect(stock.every(({ tooLong }) => tooLong.length === 0)).toBe(true)
    expect(fittings.find(({ label }) => label === '22 solder coupling')?.count).toBe(2)
    expect(pieces.filter(({ cut }) => cut !== null && cut > 2999)).toHaveLength(2)
  })

  it('keeps couplings off the joists, and every clip too', () => {
    // Joists at 450 from 200 on stand at 2900 and 3350; the coupling must keep 116 from either.
    const { job } = joined(straight(5000, { spacing: 450, offset: 200 }))
    const [first] = job.legs.filter(({ direction }) => direction === 'east')
    const off = (first!.length! - 200) % 450
    expect(Math.min(off, 450 - off)).toBeGreaterThan(100)
    const places = planJob(job, catalogue).supports.flatMap(({ leg, at }) => at.map((mm) => [leg, mm] as const))
    for (const [leg, mm] of places.filter(([leg]) => leg !== 'l1' && leg !== 'l3')) {
      const before = leg === first!.id ? 0 : first!.length!
      expect((before + mm - 200) % 450).toBeCloseTo(0, 1)
    }
  })

  it('a bent piece gets its coupling on a straight', () => {
    const bent = sampleJob({
      pipe: pipeId('EN 1057', '15', 0.7),
      method: 'solder',
      legs: [
        ['open:s', 'east', 1800, 'bend:b'],
        ['bend:b', 'north', 2500, 'open:e'],
      ],
      nodes: { b: { radius: 60 } },
    })
    const { job, couplings } = joined(bent)
    expect(couplings).toBe(1)
    const { pieces } = planJob(job, catalogue)
    expect(pieces.map(({ legs }) => legs)).toEqual([['l1', 'l2'], ['l3']])
    expect(pieces[0]!.cut).toBeLessThanOrEqual(3000)
    expect(pieces[0]!.cut).toBeGreaterThan(2990)
  })

  it('a leg drawn from its far end gets it at the same place, off the same joists', () => {
    const bent = (isTurned: boolean, fixings?: Leg['fixings']) => {
      const job = sampleJob({
        pipe: pipeId('EN 1057', '15', 0.7),
        method: 'solder',
        legs: [
          ['open:s', 'east', 1800, 'bend:b'],
          isTurned ? ['open:e', 'south', 2500, 'bend:b'] : ['bend:b', 'north', 2500, 'open:e'],
        ],
        nodes: { b: { radius: 60 } },
      })
      return { ...job, legs: job.legs.map((leg, at) => (at === 1 ? { ...leg, fixings } : leg)) }
    }
    const coupling = (job: Job): number => {
      const { job: done } = joined(job)
      const node = done.nodes.find(({ kind }) => kind === 'coupling')!
      const { places } = layOut(systemsOf(done)[0]!)
      return places.get(node.id)![1] - places.get('b')![1]
    }
    // 1800 and the set-back of 60 each, an arc of 94.25: 3000 end 1225.75 beyond the corner, 0.5 more is the centre.
    expect(coupling(bent(false))).toBeGreaterThan(1224)
    expect(coupling(bent(false))).toBeLessThan(1228)
    expect(Math.abs(coupling(bent(true)) - coupling(bent(false)))).toBeLessThanOrEqual(0.5)
    const joists = coupling(bent(false, { spacing: 600, offset: 25 }))
    expect(joists).toBeLessThan(1225 - 50)
    expect(Math.abs(coupling(bent(true, { spacing: 600, offset: 75 })) - joists)).toBeLessThanOrEqual(0.5)
  })

  it('on the straight before a bend, clear of it, where the one after it is out of reach', () => {
    // The tube is 3100 east, round a bend of 60, and 400 north: the length ends before the bend begins at 3040.
    const bent = sampleJob({
      pipe: pipeId('EN 1057', '15', 0.7),
      method: 'solder',
      legs: [
        ['open:s', 'east', 3100, 'bend:b'],
        ['bend:b', 'north', 400, 'open:e'],
      ],
      nodes: { b: { radius: 60 } },
    })
    const { job, couplings } = joined(bent)
    expect(couplings).toBe(1)
    const [first] = job.legs
    const clear = profiles.metric.clipFromSolder
    // Its mouth, 0.5 to the stop and 10.9 of depth beyond the centre, stays clear of the bend; to the half downwards.
    const most = 3040 - 10.9 - 0.5 - clear
    expect(first!.length).toBeGreaterThan(most - 12)
    expect(first!.length).toBeLessThanOrEqual(most + 0.5)
    const { pieces } = planJob(job, catalogue)
    expect(pieces.every(({ cut }) => cut !== null && cut <= 3000)).toBe(true)
  })

  it('as much before a joist as the coupling and the distance to a clip take', () => {
    // The length ends at 3015; a joist stands there, at 200 + 7 × 402.
    const { job } = joined(straight(5000, { spacing: 402, offset: 200 }))
    const [first] = job.legs.filter(({ direction }) => direction === 'east')
    const clear = profiles.metric.clipFromSolder
    // 22 coupling: 0.8 + 15.4 from its centre to its mouth.
    expect(first!.length).toBe(Math.floor((3014 - clear - 16.2) * 2) / 2)
  })

  it('each run by its own method', () => {
    const job = straight(500)
    const both = withCopy(job, 'r2', { method: 'press-metal' })
    const long = both.legs.map((leg) => (leg.id === 'r2·l2' ? { ...leg, length: 7000 } : leg))
    const { job: done, couplings } = joined({ ...both, legs: long })
    expect(couplings).toBe(2)
    expect(systemsOf(done)[0]).toEqual(systemsOf(job)[0])
    const pieces = planJob(done, catalogue).pieces.filter((piece) => piece.run === 'r2' && piece.cut! > 100)
    expect(pieces.every(({ cut }) => cut! <= 3000)).toBe(true)
    // Whole stock lengths but for the last and what stands at either end.
    expect(pieces.filter(({ cut }) => cut! > 2999)).toHaveLength(2)
    const ends = pieces.flatMap(({ ends: of }) => of.map(({ method }) => method))
    expect(new Set(ends.filter(Boolean))).toEqual(new Set(['press-metal']))
  })

  it('says where none can be put: joists too near to each other', () => {
    const { couplings, problems } = joined(straight(5000, { spacing: 150, offset: 0 }))
    expect(couplings).toBe(0)
    expect(said(problems[0]?.why)).toContain('no straight has room')
  })

  it('of any length: nothing is too long any more, nothing moves, and as few couplings as lengths need', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3100, max: 40_000 }), (length) => {
        const before = straight(length)
        const { job, couplings } = joined(before)
        const all = cuts(job)
        expect(all.every((cut) => cut !== null && cut <= 3000)).toBe(true)
        expect(all.every((cut) => cut !== null && cut > 2 * 15.4)).toBe(true)
        expect(layOut(systemsOf(job)[0]!).places.get('e')![0]).toBeCloseTo(length, 3)
        // Less what the elbows take, each length of pipe reaches 3000 and a coupling's two stops.
        expect(couplings).toBeLessThanOrEqual(Math.ceil((length - 29.2) / 2990))
      }),
      { numRuns: 40 },
    )
  })
})

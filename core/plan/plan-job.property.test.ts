import { countedIds } from '../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { splitLeg } from '../edit/legs/edit-leg'
import { setKind, setNode } from '../edit/edit-run'
import { oppositeDirection } from '../job/direction'
import type { Axis, Direction, Job } from '../job/job'
import { planJob } from './plan-job'
import { layOut } from '../run/layout'
import { joinRuns } from '../edit/runs/join-runs'
import { mirrored, mirrors } from '../edit/runs/part'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { systemsOf, drawnLength } from '../job/system'

const pipes = [
  { pipe: pipeId('EN 1057', '22', 0.9), method: 'solder', profile: 'metric' },
  { pipe: pipeId('EN 1057', '15', 0.7), method: 'press-metal', profile: 'metric' },
  { pipe: pipeId('ASTM F876', '1/2', 'pex-b'), method: 'crimp', profile: 'us-a' },
  { pipe: pipeId('ASTM B88', '3/4', 'L'), method: 'solder', profile: 'us-b' },
] as const
const turns: Readonly<Record<Axis, readonly Axis[]>> = {
  east: ['north', 'up', 'south', 'down'],
  west: ['north', 'up', 'south', 'down'],
  north: ['east', 'up', 'west', 'down'],
  south: ['east', 'up', 'west', 'down'],
  up: ['east', 'north', 'west', 'south'],
  down: ['east', 'north', 'west', 'south'],
}

/** Runs with elbows or pulled bends at their corners, of several pipes and methods. */
const runs = fc
  .record({
    of: fc.constantFrom(...pipes),
    steps: fc.array(
      fc.record({
        turn: fc.integer({ min: 0, max: 3 }),
        length: fc.integer({ min: 500, max: 2800 }),
        corner: fc.constantFrom('elbow', 'bend'),
      }),
      { minLength: 1, maxLength: 8 },
    ),
  })
  .map(({ of, steps }): Job => {
    let way: Axis = 'east'
    const legs = steps.map(({ turn, length, corner }, index): SampleRun['legs'][number] => {
      if (index > 0) way = turns[way][turn]!
      const from = index === 0 ? 'open:s' : `${steps[index - 1]!.corner}:n${index}`
      return [from, way, length, index === steps.length - 1 ? 'open:e' : `${corner}:n${index + 1}`]
    })
    const nodes = Object.fromEntries(steps.map((_, index) => [`n${index + 1}`, { radius: 88 }]))
    return sampleJob({ ...of, legs, nodes })
  })

const cuts = (job: Job) => planJob(job, catalogue).pieces.map(({ cut }) => cut!)
const turnAll = (job: Job, turn: (direction: Direction) => Direction): Job => ({
  ...job,
  legs: job.legs.map((leg) => ({ ...leg, direction: turn(leg.direction) })),
})
const near = (one: readonly number[], other: readonly number[]) => {
  expect(one).toHaveLength(other.length)
  one.forEach((mm, index) => expect(mm).toBeCloseTo(other[index]!, 6))
}

describe('a plan, whatever the run', () => {
  it('a piece and its take-offs are its legs, less the gain of its bends', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const lengths = new Map(job.legs.map((leg) => [leg.id, drawnLength(leg)]))
        for (const { legs, ends, cut, bends } of planJob(job, catalogue).pieces) {
          const whole = legs.reduce((sum, id) => sum + lengths.get(id)!, 0)
          const takeOffs = ends.reduce((sum, { takeOff }) => sum + takeOff!, 0)
          // 2 R tan 45° less R π / 2 for each bend of 88.
          const gains = bends.length * (2 * 88 - (88 * Math.PI) / 2)
          expect(cut! + takeOffs + gains).toBeCloseTo(whole, 2)
        }
      }),
    )
  })

  it('drawn from its other end, it has the same pieces', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const back = {
          ...job,
          nodes: job.nodes.toReversed(),
          legs: job.legs
            .toReversed()
            .map((leg) => ({ ...leg, from: leg.to, to: leg.from, direction: oppositeDirection(leg.direction) })),
        }
        near(cuts(back), cuts(job).toReversed())
      }),
    )
  })

  it('mirrored, it has the same pieces, and every bend turns the other way about its tube', () => {
    fc.assert(
      fc.property(runs, fc.constantFrom(...mirrors), (job, mirror) => {
        const image = turnAll(job, (direction) => mirrored(direction, mirror))
        near(cuts(image), cuts(job))
        const turned = (of: Job) => planJob(of, catalogue).pieces.flatMap(({ bends }) => bends.map(({ turn }) => turn))
        turned(image).forEach((turn, index) => {
          const before = turned(job)[index]!
          // Half a turn is its own mirror image.
          expect(Math.abs(before) === 180 ? Math.abs(turn) : turn + 0).toBeCloseTo(
            Math.abs(before) === 180 ? 180 : 0 - before,
            6,
          )
        })
      }),
    )
  })

  it('a closed loop closes: there and back again, it ends where it began', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const [first, last] = [job.nodes[0]!.id, job.legs.at(-1)!.to]
        const places = layOut(systemsOf(job)[0]!).places
        const sum = [0, 1, 2].map((axis) => places.get(last)![axis]! - places.get(first)![axis]!)
        const closing = setNode(job, 'r1', last, { at: [sum[0]!, sum[1]!, sum[2]!] })
        const { closing: errors } = planJob(setNode(closing, 'r1', first, { at: [0, 0, 0] }), catalogue)
        expect(errors).toEqual([{ run: 'r1', x: 0, y: 0, z: 0 }])
      }),
    )
  })

  it('clips keep their distance from each other and from every fitting, in order', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const plan = planJob(job, catalogue)
        const lengths = new Map(job.legs.map((leg) => [leg.id, drawnLength(leg)]))
        for (const { leg, at, unknown, guides } of plan.supports) {
          expect(unknown).toBeNull()
          expect(at.toSorted((a, b) => a - b)).toEqual(at)
          at.slice(1).forEach((to, index) => expect(to - at[index]!).toBeLessThanOrEqual(3048.1))
          for (const place of [...at, ...guides]) {
            expect(place).toBeGreaterThanOrEqual(50)
            expect(place).toBeLessThanOrEqual(lengths.get(leg)! - 50)
          }
        }
        expect(plan.clips.length).toBe(plan.supports.reduce((sum, { at }) => sum + at.length, 0))
      }),
    )
  })

  it('a coupling put into a straight piece takes its two take-offs, and nothing else changes', () => {
    fc.assert(
      fc.property(runs, fc.integer({ min: 150, max: 350 }), (job, at) => {
        const [first] = planJob(job, catalogue).pieces
        fc.pre(first!.legs.length === 1)
        const { job: split, node } = splitLeg(job, countedIds, 'r1', { legId: first!.legs[0]!, at, kind: 'coupling' })
        const [one, two, ...rest] = planJob(split, catalogue).pieces
        const takeOff = one!.ends.find((end) => end.node === node)!.takeOff!
        expect(one!.cut! + two!.cut! + 2 * takeOff).toBeCloseTo(first!.cut!, 6)
        near(
          rest.map(({ cut }) => cut!),
          cuts(job).slice(1),
        )
      }),
    )
  })

  it('every piece has a joint at each end that goes into something, by an id of its own', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const { pieces, joints } = planJob(job, catalogue)
        const ends = pieces.flatMap((piece) => piece.ends.filter(({ method }) => method !== null))
        expect(joints).toHaveLength(ends.length)
        expect(new Set(joints.map(({ id }) => id)).size).toBe(joints.length)
      }),
    )
  })

  it('by other ids it is the same plan, of one run or of two that are joined', () => {
    fc.assert(
      fc.property(runs, runs, (one, other) => {
        const end = one.nodes.at(-1)!.id
        const apart: Job = {
          ...one,
          runs: [...one.runs, { ...other.runs[0]!, id: 'r2' }],
          nodes: [...one.nodes, ...other.nodes.map((node) => ({ ...node, id: `o${node.id}`, run: 'r2' }))],
          legs: [
            ...one.legs,
            ...other.legs.map((leg) => ({
              ...leg,
              id: `o${leg.id}`,
              run: 'r2',
              from: `o${leg.from}`,
              to: `o${leg.to}`,
            })),
          ],
        }
        let job = apart
        try {
          job = joinRuns(apart, end, 'os')
        } catch {
          // One lies on the other: they stay apart.
        }
        const renamed = JSON.parse(
          JSON.stringify(job).replaceAll(/"(id|run|from|to)":"([^"]+)"/g, (_, key, id) => `"${key}":"x-${id}"`),
        ) as Job
        const told = (of: Job) => {
          const plan = planJob(of, catalogue)
          return {
            pieces: plan.pieces.map(({ cut, tolerance, bends }) => [cut, tolerance, bends.map(({ start }) => start)]),
            joints: plan.joints.map(({ number, method, verdict, insertion }) => [number, method, verdict, insertion]),
            fittings: plan.fittings.map(({ label, count }) => [label, count]),
            clips: plan.clips.map(({ at }) => at),
            checks: plan.checks.map(({ rule, verdict }) => [rule, verdict]),
          }
        }
        expect(told(renamed)).toEqual(told(job))
      }),
    )
  })

  it('fittings in the list are the fittings of the graph, and each port is in at most one joint', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const { parts, joints, fittings } = planJob(job, catalogue)
        const listed = fittings.flatMap(({ label, count }) => Array.from({ length: count }, () => label))
        const built = parts.flatMap(({ kind, label }) => (kind === 'fitting' ? [label] : []))
        expect(listed.toSorted()).toEqual(built.toSorted())
        const ports = joints.flatMap(({ between }) => between.map(({ part, port }) => `${part}:${port}`))
        expect(new Set(ports).size).toBe(ports.length)
      }),
    )
  })

  it('a joint’s id stays when a leg is drawn before it', () => {
    fc.assert(
      fc.property(runs, (job) => {
        const ids = (of: Job) => planJob(of, catalogue).joints.map(({ id }) => id)
        const { direction } = job.legs[0]!
        const longer: Job = {
          ...setKind(job, 'r1', 's', { kind: 'coupling' }),
          legs: [{ id: 'l0', run: 'r1', from: 'zero', to: 's', direction, length: 400 }, ...job.legs],
        }
        longer.nodes.unshift({ id: 'zero', run: 'r1', kind: 'open' })
        expect(ids(longer)).toEqual(expect.arrayContaining(ids(job)))
      }),
    )
  })
})

import { describe, expect, it } from 'vitest'
import { assemblyQuestion } from '../../assembly/assembly-question'
import { jointAttitude } from '../fittings/joint-attitude'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import { drawRun } from '../../draw/drawing'
import { splitLeg } from '../../edit/legs/edit-leg'
import { pressKey, startEntry } from '../../edit/legs/entry'
import { spreadClosing, takeUpIn } from '../../edit/legs/close-run'
import { countedIds } from '../../testing/sample-ids'
import type { Job, Node } from '../../job/job'
import { systemsOf } from '../../job/system'
import { planJob } from '../../plan/plan-job'
import { segmentsUnderTest } from '../../prove/plan-system'
import { said } from '../../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../../testing/sample-run'
import { shippedCosts } from '../../workshop/costs'
import { withDirectLengths } from '../with-direct-lengths'
import { namedFittingsFor } from './named-fittings'
import { layOut } from '../../run/layout'
import { byName } from '../../testing/sample-choice'

const copper22 = pipeId('EN 1057', '22', 0.9)
const steel = pipeId('EN 10255', '1/2')
const [street22, streetSteel] = [
  '22 FTG × 22 solder street elbow 90',
  '1/2 M BSP × 1/2 BSP thread street elbow 90',
] as const
const nipple = '1/2 M BSP × 1/2 M BSP nipple'

/** A job some of whose legs have no pipe. */
function without(pipeAt: readonly string[], run: SampleRun): Job {
  const drawn = sampleJob(run)
  const legs = drawn.legs.map((leg) =>
    pipeAt.includes(leg.id) ? { ...leg, state: 'no pipe' as const, length: null } : leg,
  )
  return { ...drawn, legs }
}
/** A main east with a tee, from whose branch an elbow stands up and pipe goes north. */
const branched = (pipe: string, method: MethodId, nodes: Record<string, Partial<Node>> = {}): Job =>
  without(['l3'], {
    pipe,
    method,
    legs: [
      ['cap:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'east', 800, 'cap:e'],
      ['tee:t', 'up', 1, 'elbow:b'],
      ['elbow:b', 'north', 600, 'cap:o'],
    ],
    nodes,
  })
const lengthsOf = (job: Job) => {
  const { legs } = withDirectLengths(catalogue, job)
  return legs.filter(({ state }) => state === 'no pipe').map(({ length }) => length)
}
const checksOf = (job: Job) =>
  planJob(job, catalogue)
    .checks.filter(({ rule }) => rule === 'stands-in')
    .map((check) => said(check))

describe('a fitting that stands straight in the next', () => {
  const soldered = branched(copper22, 'solder', { b: { fitting: byName(street22) } })
  const plan = planJob(soldered, catalogue)

  it('is as far from it as the two make it', () => {
    // Tee's branch 13.5 to its stop; from there the spigot: 15.4 in, 2 of neck, and the elbow's 14.6.
    expect(lengthsOf(soldered)).toEqual([45.5])
    // Centre to end 37 and 28, both threads' 13 within the tee counted once: 37 + 28 - 13, by the take-offs to the tenth.
    expect(lengthsOf(branched(steel, 'thread', { b: { fitting: byName(streetSteel) } }))[0]).toBeCloseTo(
      37 + 28 - 13,
      0,
    )
    expect(withDirectLengths(catalogue, soldered).legs[2]!.tolerance).toBeCloseTo(1.5 + 1.5 + 2, 6)
  })

  it('stands as far out as the tee it was measured in: its branch, where that was chosen by its name', () => {
    const named = '22 solder × 22 solder × 22 solder tee'
    const t = { fitting: byName(named), measured: { takeOff: 20, branchTakeOff: 30, tolerance: 1 } }
    // 30 where 13.5 is in the table: 16.5 more than plain.
    expect(lengthsOf(branched(copper22, 'solder', { t, b: { fitting: byName(street22) } }))).toEqual([45.5 + 16.5])
    // A thread is not told by how far pipe goes in: the table's stays.
    const threaded = { fitting: byName('1/2 BSP thread × 1/2 BSP thread × 1/2 F BSP tee'), measured: t.measured }
    const steelPlain = lengthsOf(
      branched(steel, 'thread', { t: { fitting: threaded.fitting }, b: { fitting: byName(streetSteel) } }),
    )
    expect(lengthsOf(branched(steel, 'thread', { t: threaded, b: { fitting: byName(streetSteel) } }))).toEqual(
      steelPlain,
    )
  })

  it('has an end of its own in a fitting in which another stands too', () => {
    const between = without(['l2', 'l3'], {
      pipe: copper22,
      method: 'solder',
      legs: [
        ['cap:s', 'east', 500, 'elbow:a'],
        ['elbow:a', 'north', 1, 'coupling:c'],
        ['coupling:c', 'north', 1, 'elbow:b'],
        ['elbow:b', 'east', 500, 'cap:e'],
      ],
      nodes: {
        a: { fitting: byName(street22) },
        b: { fitting: byName(street22) },
        c: { fitting: byName('22 solder × 22 solder coupling') },
      },
    })
    const { joints, parts } = planJob(between, catalogue)
    const inC = joints.flatMap(({ between: ends }) =>
      ends.filter(({ part }) => part === 'r1/c').map(({ port }) => port),
    )
    expect(inC.toSorted()).toEqual([0, 1])
    const [south, north] = parts.find(({ id }) => id === 'r1/c')!.ports
    expect([south!.out, north!.out].map((out) => Math.round(out![1])).toSorted()).toEqual([-1, 1])
  })

  it('makes one joint with it, and no piece; its other end takes pipe as ever', () => {
    expect(plan.pieces.map(({ cut }) => cut)).toEqual([1000 - 12.5, 800 - 12.5, 600 - 14.6])
    const inner = plan.joints.filter((joint) => joint.inner)
    expect(inner).toHaveLength(1)
    expect(inner[0]).toMatchObject({
      id: 'r1/t/l3',
      node: 't',
      method: 'solder',
      insertion: 15.4,
      verdict: 'fits',
      inner: { fittings: ['22 solder tee', street22] },
    })
    expect(inner[0]!.between.map(({ part }) => part)).toEqual(['r1/t', 'r1/b'])
    expect(plan.joints).toHaveLength(7)
    expect(plan.fittings.map(({ label, count }) => [label, count])).toEqual([
      ['22 solder cap', 3],
      ['22 solder tee', 1],
      [street22, 1],
    ])
    expect(checksOf(soldered)).toEqual([])
  })

  it('has ports where the two meet: the stop of the one, the tip of the other', () => {
    const [tee, elbow] = ['r1/t', 'r1/b'].map((id) => plan.parts.find((part) => part.id === id)!)
    const { between } = plan.joints.find(({ id }) => id === 'r1/t/l3')!
    expect(tee!.ports[between[0].port]).toEqual({ at: [1000, 0, 13.5], out: [0, 0, 1], end: '22 solder' })
    const tip = elbow!.ports[between[1].port]!
    expect(tip.end).toBe('22 FTG')
    expect(tip.at![2]).toBeCloseTo(13.5, 6)
    expect(elbow!.ports.map(({ end }) => end)).toContain('22 solder')
  })

  it('lies as the one it stands in looks, and goes in along that', () => {
    const joint = plan.joints.find(({ id }) => id === 'r1/t/l3')!
    expect(jointAttitude(new Map(plan.parts.map((part) => [part.id, part])), joint)).toBe('upright, fitting below')
    const question = assemblyQuestion(catalogue, withDirectLengths(catalogue, soldered), plan, {
      costs: shippedCosts,
      celsius: 20,
    })
    expect(question.joints.find(({ id }) => id === joint.id)!.axis).toEqual([0, 0, 1])
  })

  it('is drawn as fittings alone, holds no pipe under test, and takes nothing up', () => {
    const drawing = drawRun(layOut(systemsOf(withDirectLengths(catalogue, soldered))[0]!))
    expect(drawing.legs.map(({ id }) => id)).toEqual(['l1', 'l2', 'l4'])
    expect(drawing.bodies.map(({ leg }) => leg)).toEqual(['l3'])
    expect(segmentsUnderTest(withDirectLengths(catalogue, soldered))).toEqual([{ pipe: copper22, metres: 2.4 }])
    expect(() => splitLeg(soldered, countedIds, 'r1', { legId: 'l3', at: 10, kind: 'valve' })).toThrow(
      'there is no pipe to put anything into',
    )
  })

  it('between two that are there already was joined long ago', () => {
    const old = { state: 'existing' as const }
    const there = branched(copper22, 'solder', { b: { fitting: byName(street22), ...old }, t: old })
    expect(planJob(there, catalogue).joints.filter(({ inner }) => inner)).toEqual([])
    // A new one in one that is there is made now.
    const joined = (t: Partial<Node>, b: Partial<Node>) =>
      planJob(branched(copper22, 'solder', { t, b: { fitting: byName(street22), ...b } }), catalogue).joints.filter(
        ({ inner }) => inner,
      ).length
    expect([joined(old, {}), joined({}, old), joined({}, {})]).toEqual([1, 1, 1])
  })
})

describe('what stands in what', () => {
  it('is asked where neither goes into the other; how far is not known then, nor guessed', () => {
    const plain = branched(copper22, 'solder', { b: { name: 'the corner' } })
    expect(lengthsOf(plain)).toEqual([null])
    expect(checksOf(plain)).toEqual([
      'no pipe is drawn here, and neither of tee and the corner goes into the other: choose one by name, such as a street elbow, or draw pipe',
    ])
  })

  it('by a nipple between two threads: each thread taken up, and the nipple between', () => {
    const arms = { l3: { fittings: [nipple], method: 'thread' as const } }
    const job = branched(steel, 'thread', { b: { fitting: byName('1/2 BSP thread × 1/2 F BSP elbow 90', arms) } })
    // 28 to the mouth of either, less 0.2 as the table of take-offs has it, and the 4 between the mouths.
    expect(lengthsOf(job)[0]).toBeCloseTo(28 + 4 + 28 - 0.4, 0)
    const joints = planJob(job, catalogue).joints.filter(({ inner }) => inner)
    expect(joints.map(({ method, insertion }) => [method, insertion])).toEqual([
      ['thread', 13],
      ['thread', 13],
    ])
    expect(planJob(job, catalogue).fittings.map(({ label }) => label)).toContain(nipple)
  })

  it('two street elbows one in the other: pipe takes the last one’s socket, the first the tee', () => {
    const job = without(['l3', 'l4'], {
      pipe: copper22,
      method: 'solder',
      legs: [
        ['cap:s', 'east', 1000, 'tee:t'],
        ['tee:t', 'east', 800, 'cap:e'],
        ['tee:t', 'up', 1, 'elbow:b'],
        ['elbow:b', 'north', 1, 'elbow:d'],
        ['elbow:d', 'east', 600, 'cap:o'],
      ],
      nodes: { b: { fitting: byName(street22) }, d: { fitting: byName(street22) } },
    })
    // In the tee as before; in the street elbow's own socket 14.6 + 15.4 + 2 + 14.6.
    expect(lengthsOf(job)).toEqual([45.5, 46.6])
    expect(planJob(job, catalogue).checks).toEqual([])
  })

  it('a plug in the thread of a tee', () => {
    const job = without(['l3'], {
      pipe: copper22,
      method: 'solder',
      legs: [
        ['cap:s', 'east', 1000, 'tee:t'],
        ['tee:t', 'east', 800, 'cap:e'],
        ['tee:t', 'down', 1, 'cap:p'],
      ],
      nodes: {
        t: { fitting: byName('22 solder × 22 solder × 1/2 F BSP tee') },
        p: { fitting: byName('1/2 M BSP plug') },
      },
    })
    const plan = planJob(job, catalogue)
    expect(plan.checks).toEqual([])
    expect(plan.joints.find(({ inner }) => inner)).toMatchObject({ method: 'thread', insertion: 13 })
  })

  it('is offered where it goes in: a street elbow for a plain tee, its tee for a street elbow', () => {
    const offered = (job: Job, at: string) => {
      const layout = layOut(systemsOf(job)[0]!)
      return namedFittingsFor(catalogue, layout, layout.node.get(at)!).map(({ named, arms }) => [
        named.id,
        Object.keys(arms),
      ])
    }
    expect(offered(branched(copper22, 'solder'), 'b')[0]).toEqual([street22, []])
    expect(offered(branched(steel, 'thread'), 'b')[0]).toEqual([streetSteel, []])
    expect(offered(branched(copper22, 'solder', { b: { fitting: byName(street22) } }), 't')[0]).toEqual([
      '22 solder × 22 solder × 22 solder tee',
      [],
    ])
    const elbow = branched(steel, 'thread', { b: { fitting: byName('1/2 BSP thread × 1/2 F BSP elbow 90') } })
    expect(offered(elbow, 't')[0]).toEqual(['1/2 BSP thread × 1/2 BSP thread × 1/2 F BSP tee', ['l3']])
  })
})

describe('a leg without pipe', () => {
  it('is typed as nought; the length is what the fittings make once they are chosen', () => {
    const start = sampleJob({ pipe: copper22, method: 'solder', legs: [['cap:s', 'east', 1000, 'open:t']] })
    const { job } = ['t', 'PageUp', '0', 'Enter', 'ArrowUp', '6', '0', '0', 'Enter'].reduce(
      ({ job: before, entry }, key) => pressKey(before, countedIds, entry, { key })!,
      { job: start, entry: startEntry('r1', systemsOf(start)[0]!) },
    )
    expect(job.legs.map(({ length, state }) => [length, state])).toEqual([
      [1000, undefined],
      [null, 'no pipe'],
      [600, undefined],
    ])
  })

  it('gives nothing to a way that misses its end: the pipe on the way does', () => {
    const closing = branched(copper22, 'solder', {
      b: { fitting: byName(street22) },
      s: { at: [0, 0, 0] },
      o: { at: [1000, 600, 60] },
    })
    const job = withDirectLengths(catalogue, closing)
    expect(() => takeUpIn(job, 'r1', 'l3')).toThrow('not on the way')
    // 14.5 up are wanted, and what is upright is fittings alone.
    expect(() => spreadClosing(job, 'r1')).toThrow('no leg lies in the direction')
  })

  it('leaves a job as it is that has none', () => {
    const job = sampleJob({ pipe: copper22, method: 'solder', legs: [['cap:s', 'east', 1000, 'cap:t']] })
    expect(withDirectLengths(catalogue, job)).toBe(job)
    const settled = withDirectLengths(catalogue, branched(copper22, 'solder', { b: { fitting: byName(street22) } }))
    expect(withDirectLengths(catalogue, settled)).toBe(settled)
  })
})

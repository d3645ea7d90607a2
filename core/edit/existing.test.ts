import { countedIds } from '../testing/sample-ids'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { planJob } from '../plan/plan-job'
import { said } from '../testing/said'
import { pipeId, sampleJob } from '../testing/sample-run'
import { spreadClosing } from './legs/close-run'
import { cutInto, putNewPipeIn } from './existing/cut-into'
import { setLeg, setKind, setNode } from './edit-run'
import { pressKey, startEntry, type Entered } from './legs/entry'
import { addRun, emptyJob } from './new-job'
import { systemsOf } from '../job/system'

const three = pipeId('ASTM B88', '3/4', 'L')
const half = pipeId('ASTM B88', '1/2', 'L')

/** Existing 3/4 copper, 900 between two elbows, and what it comes from and goes on to. */
function line(): Job {
  const drawn = sampleJob({
    pipe: three,
    method: 'solder',
    legs: [
      ['open:from', 'up', 500, 'elbow:a'],
      ['elbow:a', 'east', 900, 'elbow:b'],
      ['elbow:b', 'up', 500, 'open:on'],
    ],
  })
  const there = (id: string) => ({ state: 'existing' as const, ...(id === 'l2' ? {} : { length: null }) })
  return drawn.legs.reduce((job, { id }) => setLeg(job, 'r1', id, there(id)), drawn)
}
/** A tee in its middle with a half-inch branch of 600 to a cap. */
function teed(play?: number): { job: Job; tee: string } {
  const { job, node } = cutInto(line(), countedIds, 'r1', { legId: 'l2', kind: 'tee', where: { at: 450, play } })
  return {
    tee: node,
    job: {
      ...job,
      nodes: [...job.nodes, { id: 'end', run: 'r1', kind: 'cap' }],
      legs: [
        ...job.legs,
        { id: 'branch', run: 'r1', from: node, to: 'end', direction: 'north', length: 600, pipe: half },
      ],
    },
  }
}
const problems = (job: Job) => planJob(job, catalogue).checks.map(({ rule, message }) => `${rule} ${message}`)

describe('pipe that is there', () => {
  it('alone gives nothing to cut, join, clip or buy', () => {
    const plan = planJob(line(), catalogue)
    expect([plan.pieces, plan.joints, plan.fittings, plan.supports, plan.cutIns, plan.checks]).toEqual([
      [],
      [],
      [],
      [],
      [],
      [],
    ])
    expect(plan.parts.map(({ id, kind }) => [id, kind])).toEqual([
      ['existing r1/l1', 'existing'],
      ['existing r1/l2', 'existing'],
      ['existing r1/l3', 'existing'],
    ])
  })

  it('a 3/4 × 1/2 tee cut into it: where to cut, what goes in how far, both old joints counted', () => {
    const { job, tee } = teed()
    const plan = planJob(job, catalogue)
    // A reducing tee is told by its larger size: soldered 3/4 goes in 19.05 ± 1, and stops 12.6 from the centre of its run.
    const [cutIn] = plan.cutIns
    expect(cutIn!.ends.map(({ cut, mark }) => [cut!.mm, mark!.mm])).toEqual([
      [12.6, 19.05],
      [12.6, 19.05],
    ])
    expect(cutIn).toMatchObject({
      node: tee,
      remove: { mm: 25.2, tolerance: cutIn!.ends[0]!.cut!.tolerance * 2 },
      playNeeded: 20.05,
      play: null,
    })
    expect(
      plan.joints.filter(({ node }) => node === tee).map(({ leg, piece, method }) => [leg, piece, method]),
    ).toEqual([
      ['l2', null, 'solder'],
      [expect.stringMatching(/^l\d$/), null, 'solder'],
      ['branch', 'P1', 'solder'],
    ])
    expect(plan.fittings.map(({ label, count }) => [label, count])).toEqual([
      ['3/4 × 1/2 solder tee', 1],
      ['1/2 solder cap', 1],
    ])
    expect(plan.pieces).toHaveLength(1)
    // All that is on either side of a joint is a part with that port.
    const ports = new Map(plan.parts.map(({ id, ports: of }) => [id, of.length]))
    for (const { between } of plan.joints)
      for (const { part, port } of between) expect(port).toBeLessThan(ports.get(part)!)
  })

  it('is held between its elbows: play is asked for, refused where it is too little, enough where it is', () => {
    expect(problems(teed().job)).toContain('cut-in-play unsaid')
    const short = planJob(teed(5).job, catalogue).checks.find(({ rule }) => rule === 'cut-in-play')!
    expect(short.verdict).toBe('refuse')
    expect(said(short)!.replaceAll(/\s/g, ' ')).toMatch(/must come back .* and gives 5 mm/)
    expect(problems(teed(30).job).filter((of) => of.startsWith('cut-in'))).toEqual([])
  })

  it('with too little play: new pipe and slip couplings, whose pieces, joints and marks are the plan’s own', () => {
    const { job, tee } = teed(5)
    const closed = putNewPipeIn(catalogue, job, countedIds, { runId: 'r1', nodeId: tee })
    const plan = planJob(closed, catalogue)
    expect(problems(closed).filter((of) => of.startsWith('cut-in'))).toEqual([])
    // By hand: a coupling of 2 × 19.05 + 15, 54 in full millimetres, leaves room for 5 open under it, for each of two;
    // the new pipe is 19.05 in the tee, 54 for the coupling to be slid back over it, and 5 clear: 79.
    expect(plan.pieces.filter(({ pipe }) => pipe === three).map(({ cut }) => cut)).toEqual([79, 79])
    const atSlips = plan.joints.filter(({ slips }) => slips)
    expect(atSlips.filter(({ piece }) => piece === null)).toHaveLength(2)
    expect(atSlips.filter(({ piece }) => piece !== null)).toHaveLength(2)
    expect(plan.fittings).toContainEqual(expect.objectContaining({ label: '3/4 solder slip coupling', count: 2 }))
    // What is taken out of the old pipe: as long as the new pipe, the tee and what stays open at either end.
    const left = closed.legs.filter(({ state, length }) => state === 'existing' && length !== null)
    expect(left.reduce((sum, { length }) => sum + length!, 0)).toBeCloseTo(900 - 2 * (12.6 + 79 + 2.5), 6)
  })

  it('one long slip coupling needs one piece', () => {
    const { job, tee } = teed(0)
    const one = putNewPipeIn(catalogue, job, countedIds, { runId: 'r1', nodeId: tee, slipLength: 120 })
    expect(planJob(one, catalogue).pieces.filter(({ pipe }) => pipe === three)).toHaveLength(1)
    // Both sides of the tee are 450: made unequal, the longer gives it, and what nobody measured gives any.
    const longer = (lengths: readonly [number | null, number | null]) => {
      const sides = job.legs.filter(({ from, to, state }) => state === 'existing' && (from === tee || to === tee))
      const drawn = sides.reduce((of, { id }, at) => setLeg(of, 'r1', id, { length: lengths[at]! }), job)
      const put = putNewPipeIn(catalogue, drawn, countedIds, { runId: 'r1', nodeId: tee, slipLength: 120 })
      return sides.map(({ id }) => put.legs.find((leg) => leg.id === id)!.length)
    }
    const gives = longer([300, 600])
    expect([gives[0], gives[1]! < 600]).toEqual([300, true])
    expect(longer([600, 300])[1]).toBe(300)
    expect(longer([null, 5000])).toEqual([null, 5000])
    expect(() => putNewPipeIn(catalogue, one, countedIds, { runId: 'r1', nodeId: tee, slipLength: 120 })).toThrow(
      /between two ends of existing pipe/,
    )
    expect(() => putNewPipeIn(catalogue, job, countedIds, { runId: 'r1', nodeId: tee, slipLength: 30 })).toThrow(
      /slip coupling/,
    )
  })

  it('a stub that is too short for its joint is refused by what is missing', () => {
    const { job } = cutInto(line(), countedIds, 'r1', { legId: 'l2', kind: 'valve', where: { at: 40, play: 30 } })
    const check = planJob(job, catalogue).checks.find(({ rule }) => rule === 'stub-length')!
    expect(check).toMatchObject({ verdict: 'refuse' })
    expect(check.values.short).toBeCloseTo(check.values.needed - check.values.stub, 6)
    // Moved by what is missing it is enough, and by a millimetre less it is not.
    const refusals = (at: number) => {
      const moved = cutInto(line(), countedIds, 'r1', { legId: 'l2', kind: 'valve', where: { at, play: 30 } }).job
      return problems(moved).filter((of) => of.startsWith('stub-length'))
    }
    expect(refusals(40 + check.values.short + 0.01)).toEqual([])
    expect(refusals(40 + check.values.short - 1)).toHaveLength(1)
    expect(() =>
      cutInto(line(), countedIds, 'r1', { legId: 'l2', kind: 'valve', where: { at: 900, play: 0 } }),
    ).toThrow(/Place/)
    expect(() =>
      cutInto(teed().job, countedIds, 'r1', { legId: 'branch', kind: 'valve', where: { at: 100, play: 0 } }),
    ).toThrow(/existing pipe/)
  })

  it('a union closes between two held ends', () => {
    const { job } = cutInto(line(), countedIds, 'r1', {
      legId: 'l2',
      kind: 'union',
      where: { at: undefined, play: undefined },
    })
    expect(problems(job).filter((of) => of.startsWith('cut-in'))).toEqual([])
  })

  it('what comes out is listed, fittings with whether they serve again', () => {
    const out = ['l2', 'l3'].reduce((job, id) => setLeg(job, 'r1', id, { state: 'comes out' }), line())
    const plan = planJob(setNode(out, 'r1', 'b', { method: 'compression' }), catalogue)
    expect(plan.removed).toEqual([
      { run: 'r1', leg: 'l2', label: catalogue.pipe(three)!.label, mm: 900, again: true },
      { run: 'r1', leg: 'l3', label: catalogue.pipe(three)!.label, mm: null, again: true },
      { run: 'r1', node: 'b', label: '7/8 OD compression elbow 90°', mm: null, again: true },
    ])
    expect(planJob(out, catalogue).removed.at(-1)).toMatchObject({ label: '3/4 solder elbow 90°', again: false })
  })

  it('a fitting comes out where it is said of it alone, and stays where it is said to though its pipe goes', () => {
    const fittingsOut = (job: Job) => planJob(job, catalogue).removed.flatMap(({ node }) => node ?? [])
    expect(fittingsOut(setNode(line(), 'r1', 'b', { state: 'comes out' }))).toEqual(['b'])
    const out = ['l2', 'l3'].reduce((job, id) => setLeg(job, 'r1', id, { state: 'comes out' }), line())
    expect(fittingsOut(setNode(out, 'r1', 'b', { state: 'existing' }))).toEqual([])
    expect(fittingsOut(setLeg(line(), 'r1', 'l3', { state: 'comes out' }))).toEqual([])
  })

  it('a temporary stop end stands on an end that stays', () => {
    const capped = setKind(line(), 'r1', 'on', { kind: 'cap', state: 'new', method: 'push-fit' })
    const plan = planJob(capped, catalogue)
    expect(plan.fittings.map(({ label }) => label)).toEqual(['3/4 push-fit cap'])
    expect(plan.joints.map(({ node, leg, method }) => [node, leg, method])).toEqual([['on', 'l3', 'push-fit']])
    // One end is free: nothing has to be sprung apart for it, and nothing is taken out between two cuts.
    expect(plan.cutIns).toMatchObject([{ node: 'on', playNeeded: null, remove: null }])
  })
})

describe('key X', () => {
  it('draws what is there, with or without a length, and turns back to new pipe', () => {
    const { job: empty } = addRun(emptyJob('Typed', 'metric', 'metric'), countedIds)
    const keys = ['x', 'ArrowRight', 'Enter', 't', ...'700', 'Enter', 'x']
    const typed = [...keys, 'Enter'].reduce<Entered>(
      (state, key) => pressKey(state.job, countedIds, state.entry, { key }) ?? state,
      {
        job: empty,
        entry: startEntry('r1', systemsOf(empty)[0]!),
      },
    )
    expect(typed.job.legs.map(({ length, state }) => [length, state])).toEqual([
      [null, 'existing'],
      [700, 'existing'],
    ])
    expect(typed.entry.problem).toContain('Length: write')
    const tee = { ...typed.entry, cursor: 'n2', direction: 'north' as const, typed: '300' }
    const drawn = pressKey(typed.job, countedIds, tee, { key: 'Enter' })!.job
    expect(planJob(drawn, catalogue).joints.map(({ node, piece }) => [node, piece])).toEqual([
      ['n2', null],
      ['n2', null],
      ['n2', 'P1'],
    ])
  })
})

it('where a way leads over pipe whose length does not matter, nothing is said to miss, and nothing is taken up', () => {
  const between = (length: number | null): Job => {
    const drawn = sampleJob({
      pipe: three,
      method: 'solder',
      legs: [
        ['open:s', 'east', 700, 'elbow:a'],
        ['elbow:a', 'north', 900, 'open:e'],
      ],
      nodes: { s: { at: [0, 0, 0] }, e: { at: [800, 900, 0] } },
    })
    return setLeg(drawn, 'r1', 'l1', { state: 'existing', length })
  }
  const closing = (of: Job) => planJob(of, catalogue).closing
  expect(closing(between(700))).toEqual([{ run: 'r1', x: 100, y: 0, z: 0 }])
  expect(closing(between(null))).toEqual([])
  expect(spreadClosing(between(null), 'r1')).toEqual(between(null))
})

it('a stop end on a line that stays is put in on pipe that is there: marked, joined, listed, and a place that is cut', () => {
  const drawn = sampleJob({
    pipe: three,
    method: 'compression',
    legs: [['open:from', 'east', 900, 'cap:end']],
  })
  const there = setLeg(drawn, 'r1', 'l1', { state: 'existing' })
  expect(planJob(there, catalogue).joints).toEqual([])
  const plan = planJob(setNode(there, 'r1', 'end', { state: 'new' }), catalogue)
  expect(plan.joints.map(({ node, piece, method }) => [node, piece, method])).toEqual([['end', null, 'compression']])
  // Compression in inches goes by the outside: three-quarter copper is seven-eighths.
  expect(plan.fittings).toMatchObject([{ label: '7/8 OD compression cap', count: 1 }])
  expect(plan.sundries).toEqual([{ item: '3/4 olive', label: '3/4 olive', count: 1 }])
  expect(plan.cutIns).toMatchObject([{ node: 'end', ends: [{ leg: 'l1', cut: { mm: 0 } }] }])
})

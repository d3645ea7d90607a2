import { countedIds } from '../../testing/sample-ids'
import { describe, expect, it } from 'vitest'
import { catalogueWith, shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { shippedCosts } from '../../workshop/costs'
import type { Job } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { said } from '../../testing/said'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { changePipe, joinLegs } from './change-pipe'
import { addLeg, setNode } from '../edit-run'
import { setPipeFrom } from './part'
import { chainChosen } from '../../job/chosen'

const [copper22, copper15] = [pipeId('EN 1057', '22', 0.9), pipeId('EN 1057', '15', 0.7)]
const multilayer = pipeId('EN ISO 21003', '16')
const branched = (length: number): Job =>
  sampleJob({
    pipe: copper22,
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 1000, 'tee:t'],
      ['tee:t', 'east', 800, 'cap:c'],
      ['tee:t', 'north', length, 'elbow:b'],
      ['elbow:b', 'up', 400, 'open:e'],
    ],
  })
const change = (job: Job, leg: string, pipe: string) =>
  changePipe({ catalogue, costs: shippedCosts }, job, countedIds, { run: 'r1', leg, pipe })

describe('another pipe from a leg on', () => {
  it('15 in the branch of a soldered 22 tee: the tee is reduced, its body that of the 22 one', () => {
    const job = change(branched(600), 'l3', copper15)
    const plan = planJob(job, catalogue)
    expect(plan.fittings.map(({ label }) => label)).toContain('22 × 15 solder tee')
    const branch = plan.pieces.find(({ legs }) => legs.includes('l3'))!
    // The 22 tee's branch 13.5, and its socket of 15 is 15.4 − 10.6 shallower; elbow of 15: 10.8 ± 1.5.
    expect(branch.ends[0]).toMatchObject({ takeOff: 18.3, takeOffTolerance: 4, takeOffBasis: 'typical' })
    expect(branch).toMatchObject({ cut: 570.9, tolerance: 5.5 })
    const run = plan.pieces.find(({ legs }) => legs.includes('l1'))!
    expect(run.ends[1]).toMatchObject({ takeOff: 12.5, takeOffTolerance: 4 })
  })

  it('in the first leg of a run puts nothing between, and the same pipe changes nothing but what is set', () => {
    const job = change(branched(600), 'l1', copper15)
    expect(job.nodes.map(({ id, fitting }) => [id, fitting])).toEqual(
      branched(600).nodes.map(({ id }) => [id, undefined]),
    )
    expect(job.legs.map(({ length }) => length)).toEqual([1000, 800, 600, 400])
    const same = change(branched(600), 'l3', copper22)
    expect(same.nodes).toEqual(branched(600).nodes)
    expect(change(branched(600), 'none', copper15)).toEqual(branched(600))
    // At an adapter that is no longer wanted nothing is chosen between a pipe and itself.
    const stepped = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'adapter:a'],
        ['adapter:a', 'east', 800, 'open:e'],
      ],
    })
    const back = change(change(stepped, 'l2', copper15), 'l2', copper22)
    expect(back).toEqual(setPipeFrom(change(stepped, 'l2', copper15), 'r1', 'l2', copper22))
    // Where a run begins at a tee no pipe comes before its legs.
    const begun = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['tee:t', 'east', 1000, 'open:a'],
        ['tee:t', 'west', 1000, 'open:b'],
        ['tee:t', 'up', 600, 'open:c'],
      ],
    })
    const kinds = ({ nodes }: Job) => nodes.map(({ kind, fitting }) => [kind, fitting])
    expect(kinds(change(begun, 'l1', multilayer))).toEqual(kinds(setPipeFrom(begun, 'r1', 'l1', multilayer)))
  })

  it('asks for the join under the run’s circumstances, and for none of a pipe that nobody knows', () => {
    const job: Job = { ...branched(600), place: { hotWork: 'forbidden' } }
    const ask = (from: string, to: string, of = job) =>
      joinLegs(catalogue, of, { run: of.runs[0]!, from, to }, shippedCosts)
    expect(ask(copper22, 'no such pipe')).toBeNull()
    expect(ask('no such pipe', copper22)).toBeNull()
    const solder = (of: Job) => ask(copper22, copper15, of)!.ends.a.find(({ method }) => method === 'solder')!.verdict
    expect([solder(branched(600)), solder(job)]).toEqual(['fits', 'refuse'])
    // What is said of the run comes before what is said of the job.
    const [run] = job.runs
    expect(solder({ ...job, runs: [{ ...run!, place: { hotWork: 'allowed' } }] })).toBe('fits')
  })

  it('multilayer in the branch: a stub of copper, the best chain between, and the rest in multilayer', () => {
    const job = change(branched(600), 'l3', multilayer)
    expect(job.legs.map(({ length, pipe }) => [length, pipe ?? copper22])).toEqual([
      [1000, copper22],
      [800, copper22],
      [100, copper22],
      [500, multilayer],
      [400, multilayer],
    ])
    const adapter = job.nodes.find(({ kind }) => kind === 'adapter')!
    const chain = chainChosen(adapter)!
    expect(chain.fittings.length).toBeGreaterThan(0)
    const { joints } = planJob(job, catalogue)
    const there = joints.filter(({ node }) => node === adapter.id)
    const outer = [copper22, multilayer].map((of) => there.find(({ pipe, inner }) => pipe === of && !inner)!)
    expect(outer.map(({ pipe, method, verdict }) => [pipe, method, verdict === 'refuse'])).toEqual([
      [copper22, chain.joints[0], false],
      [multilayer, chain.joints[1], false],
    ])
  })

  it('from the start of a run on, or to the pipe that is there already, nothing stands between', () => {
    const whole = change(branched(600), 'l1', multilayer)
    expect(whole.nodes.map(({ kind, fitting }) => [kind, fitting])).toEqual(
      branched(600).nodes.map(({ kind }) => [kind, undefined]),
    )
    expect(whole.legs.every(({ pipe }) => pipe === multilayer)).toBe(true)
    expect(change(branched(600), 'l3', copper22)).toEqual(branched(600))
    expect(change(branched(600), 'none', multilayer)).toEqual(branched(600))
  })

  it('what stands before it is the leg that leads to it, in its own pipe', () => {
    const job = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'coupling:a'],
        ['coupling:a', 'east', 1000, 'coupling:b'],
        ['coupling:b', 'east', 1000, 'cap:c'],
      ],
    })
    const reduced = change(job, 'l2', copper15)
    const last = change(reduced, 'l3', multilayer)
    const [first, second] = ['a', 'b'].map((id) => last.nodes.find((node) => node.id === id)!)
    const pipesAt = (node: string) =>
      planJob(last, catalogue)
        .joints.filter((joint) => joint.node === node)
        .map(({ pipe }) => pipe)
    expect(new Set(pipesAt('a'))).toEqual(new Set([copper22, copper15]))
    expect(new Set(pipesAt('b'))).toEqual(new Set([copper15, multilayer]))
    expect(chainChosen(first!)?.fittings.join()).toMatch(/22.*15/)
    expect(chainChosen(second!)?.fittings.join()).toMatch(/15/)
    expect(chainChosen(second!)?.fittings.join()).not.toMatch(/22/)
  })

  it('straight on, the coupling itself becomes what joins the two', () => {
    const straight = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['tie-in:s', 'east', 1000, 'coupling:c'],
        ['coupling:c', 'east', 800, 'open:e'],
      ],
    })
    const job = change(straight, 'l2', copper15)
    const node = job.nodes.find(({ id }) => id === 'c')!
    expect(node).toMatchObject({ kind: 'adapter', fitting: { joints: ['solder', 'solder'] } })
    expect(job.legs).toHaveLength(2)
  })

  it('a reducer takes at either end the figure that was measured of it there', () => {
    const part = (size: string, mm: number) => ({
      socket: `solder:EN 1254-1:${size}`,
      fitting: 'reducer' as const,
      end: 'either' as const,
      mm,
      tolerance: 0.3,
      basis: 'measured' as const,
      by: 'R. Beck',
      note: '',
    })
    const reduced = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'reducer:c'],
        ['reducer:c', 'east', 800, 'open:e'],
      ],
    })
    const changed = change(reduced, 'l2', copper15)
    const nodes = changed.nodes.map((node) => ({ ...node, fitting: undefined }))
    const { pieces } = planJob({ ...changed, nodes }, catalogueWith([part('22', 9), part('15', 4)]))
    expect(pieces.map(({ cut }) => cut)).toEqual([991, 796])
  })

  it('beside a pulled bend it changes after the bend is over: 88 of set-back, then the stub', () => {
    const bent = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'bend:b'],
        ['bend:b', 'north', 800, 'open:e'],
      ],
      nodes: { b: { radius: 88 } },
    })
    const job = change(bent, 'l2', copper15)
    expect(job.legs.map(({ length, pipe }) => [length, pipe ?? copper22])).toEqual([
      [1000, copper22],
      [expect.closeTo(188, 6), copper22],
      [expect.closeTo(612, 6), copper15],
    ])
    // A job file that changes the pipe in the bend itself has no length for it.
    const within = {
      ...bent,
      legs: bent.legs.map((leg) => (leg.id === 'l2' ? { ...leg, pipe: copper15 } : leg)),
    }
    const [piece, ...others] = planJob(within, catalogue).pieces
    expect([piece!.cut, others]).toEqual([null, []])
    expect(said(piece!.missing)).toContain('changes in a bend')
  })

  it('beside a valve too: none is made in two sizes', () => {
    const valved = sampleJob({
      pipe: copper22,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'valve:v'],
        ['valve:v', 'east', 800, 'open:e'],
      ],
    })
    expect(change(valved, 'l2', copper15).nodes.map(({ kind }) => kind)).toEqual(['open', 'valve', 'open', 'adapter'])
  })

  it('what hangs on it is joined by a method that the pipe takes, as it is drawn on, and as before when it is changed back', () => {
    const job = change(branched(600), 'l3', multilayer)
    const methods = (of: Job) => of.nodes.flatMap(({ id, method }) => (method ? [[id, method]] : []))
    expect(methods(job)).toEqual([
      ['b', 'press-multilayer'],
      ['e', 'press-multilayer'],
    ])
    const drawn = addLeg(job, countedIds, 'r1', { from: 'e', direction: 'east', length: 500 })
    const plan = planJob(drawn.job, catalogue)
    expect(plan.pieces.filter(({ pipe }) => pipe === multilayer).map(({ cut }) => cut)).not.toContain(null)
    expect(plan.joints.map(({ verdict }) => verdict)).not.toContain('refuse')
    const leg = job.legs.find((of) => of.pipe === multilayer)!
    expect(methods(change(job, leg.id, copper22))).toEqual([])
    // A method that somebody chose there stays where the new pipe takes it too.
    const pressed = setNode(branched(600), 'r1', 'b', { method: 'compression' })
    expect(methods(change(pressed, 'l3', multilayer))[0]).toEqual(['b', 'compression'])
  })

  it('says when the leg has no room for an adapter', () => {
    expect(() => change(branched(180), 'l3', multilayer)).toThrow(/Leg: too short/)
  })
})

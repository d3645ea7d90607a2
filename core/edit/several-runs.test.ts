import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { readJob } from '../job/read-job'
import { systemOf, systemsOf } from '../job/system'
import { planJob } from '../plan/plan-job'
import { layOut } from '../run/layout'
import { namesOf, systemName } from '../run/names'
import { flowPaths } from '../flow/path'
import { profiles } from '../workshop/profile'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { choosePipe } from './runs/choose-pipe'
import { addLeg, removeRun, setKind, setRun } from './edit-run'
import { joinRuns } from './runs/join-runs'
import { toOwnRun } from './runs/own-run'
import { countedIds } from '../testing/sample-ids'

const [copper22, copper15, pex16] = [
  pipeId('EN 1057', '22', 0.9),
  pipeId('EN 1057', '15', 0.7),
  pipeId('EN ISO 15875', '16'),
]
/** A main of 2 m with a coupling in its middle, and a branch of 500 up and 300 east drawn for itself. */
const main = sampleJob({
  pipe: copper22,
  method: 'press-metal',
  legs: [
    ['tie-in:s', 'east', 1000, 'coupling:c'],
    ['coupling:c', 'east', 1000, 'outlet:e'],
  ],
})
const branch = sampleJob({
  pipe: copper15,
  method: 'compression',
  service: 'hot',
  legs: [
    ['open:b', 'up', 500, 'elbow:x'],
    ['elbow:x', 'east', 300, 'outlet:o'],
  ],
})
const apart: Job = {
  ...main,
  runs: [...main.runs, { ...branch.runs[0]!, id: 'r2', name: 'Branch', place: { concealed: true } }],
  nodes: [...main.nodes, ...branch.nodes.map((node) => ({ ...node, run: 'r2' }))],
  legs: [...main.legs, ...branch.legs.map((leg) => ({ ...leg, id: `b${leg.id}`, run: 'r2' }))],
}
const joined = joinRuns(apart, 'c', 'b')
const of = (job: Job, node: string) => job.nodes.find(({ id }) => id === node)!

describe('a run that is joined to another', () => {
  it('is one system with it, from a tee; each keeps its pipe, method, service and place', () => {
    expect(systemsOf(apart).map(({ id }) => id)).toEqual(['r1', 'r2'])
    const [system, ...others] = systemsOf(joined)
    expect(others).toEqual([])
    expect(system!.runs.map(({ id }) => id)).toEqual(['r1', 'r2'])
    expect(systemName(joined, system!)).toBe('Run, Branch')
    expect([of(joined, 'c').kind, of(joined, 'b')]).toEqual(['tee', undefined])
    const plan = planJob(joined, catalogue)
    expect(plan.pieces.map(({ run, pipe }) => [run, pipe])).toEqual([
      ['r1', copper22],
      ['r1', copper22],
      ['r2', copper15],
      ['r2', copper15],
    ])
    const at = (node: string) => plan.joints.filter((joint) => joint.node === node).map(({ method }) => method)
    expect([at('c'), at('x')]).toEqual([
      ['press-metal', 'press-metal', 'press-metal'],
      ['compression', 'compression'],
    ])
    // The branch alone is concealed, and its compression joints could not be reached again.
    expect(
      plan.joints
        .filter(({ reasons }) => reasons.some(({ rule }) => rule === 'concealed'))
        .map(({ node, run }) => [node, run]),
    ).toEqual([
      ['x', 'r2'],
      ['x', 'r2'],
      ['o', 'r2'],
    ])
  })

  it('stands where the pipework leads to, and is fed by it', () => {
    const layout = layOut(systemsOf(joined)[0]!)
    expect(layout.places.get('o')).toEqual([1300, 0, 500])
    const [straight, up] = flowPaths(catalogue, layout, 10, profiles.metric)
    expect([straight, up].map((path) => [path!.run, path!.outlet, path!.length])).toEqual([
      ['r1', 'e', 2000],
      ['r2', 'o', 1800],
    ])
  })

  it('is named by its own name, its places among those of the system', () => {
    const names = namesOf(joined)
    expect([names.get('r1')!.run, names.get('r2')!.run]).toEqual(['Run', 'Branch'])
    expect([names.get('r2')!.node('o'), names.get('r1')!.node('e'), names.get('r2')!.leg('bl2')]).toEqual([
      'outlet 2',
      'outlet 1',
      'leg 4',
    ])
    expect(
      planJob(setKind(joined, 'r2', 'x', { kind: 'coupling' }), catalogue).checks.map(({ where }) => where),
    ).toContain('Branch, coupling')
  })

  it('pipe that is drawn on from it is of its run, and of the other’s from that one', () => {
    const more = addLeg(joined, countedIds, 'r1', { from: 'o', direction: 'north', length: 200 })
    expect(more.job.legs.at(-1)).toMatchObject({ run: 'r2', from: 'o' })
    expect(of(more.job, more.node).run).toBe('r2')
    expect(
      addLeg(joined, countedIds, 'r2', { from: 'e', direction: 'north', length: 200 }).job.legs.find(
        ({ from }) => from === 'e',
      )!.run,
    ).toBe('r1')
  })

  it('another pipe in one leaves the other’s; taken away, what it went on from stays and is an open end or a tee', () => {
    const other = choosePipe(catalogue, joined, 'r2', pex16)
    expect(planJob(other, catalogue).pieces.map(({ pipe }) => pipe)).toEqual([copper22, copper22, pex16, pex16])
    const left = removeRun(joined, 'r2')
    expect(left.nodes.map(({ id, kind }) => `${id} ${kind}`)).toEqual(['s tie-in', 'c tee', 'e outlet'])
    const rest = removeRun(joined, 'r1')
    expect(rest.nodes.map(({ id, run, kind }) => `${id} ${run} ${kind}`)).toEqual([
      'c r2 open',
      'x r2 elbow',
      'o r2 outlet',
    ])
    expect(readJob(rest, catalogue).ok).toBe(true)
  })

  it('is refused where it cannot be joined, and says why', () => {
    expect(() => joinRuns(joined, 'e', 'o')).toThrow(/hang together already/)
    expect(() => joinRuns(apart, 'c', 'x')).toThrow(/choose an open end/)
    // A third leg that lies on another has no place in a tee.
    const along = {
      ...apart,
      legs: apart.legs.map((leg) => (leg.id === 'bl1' ? { ...leg, direction: 'east' as const } : leg)),
    }
    expect(() => joinRuns(along, 'c', 'b')).toThrow(/no more legs fit/)
    expect(joinRuns(apart, 'none', 'b')).toBe(apart)
  })

  it('end to end they become a coupling or an elbow, or lead on to where they meet', () => {
    const two = withCopy(branch, 'r2')
    expect(of(joinRuns(two, 'o', 'r2·b'), 'o').kind).toBe('elbow')
    const backwards = joinRuns(two, 'b', 'r2·o')
    expect(backwards.legs.at(-1)).toMatchObject({ from: 'r2·x', to: 'b' })
    expect(of(backwards, 'b').kind).toBe('elbow')
  })
})

describe('a part that becomes a run of its own', () => {
  const own = toOwnRun(setRun(joined, 'r2', { name: 'Branch' }), countedIds, 'r1', 'bl2')

  it('goes on from where it did, with the pipe, method and service that it had', () => {
    expect(own.run).toBe('r3')
    expect(own.job.runs.at(-1)).toMatchObject({ id: 'r3', pipe: copper15, method: 'compression', service: 'hot' })
    expect(systemOf(own.job, 'r3')).toBe(systemOf(own.job, 'r1'))
    const cuts = (job: Job) => planJob(job, catalogue).pieces.map(({ cut }) => cut)
    expect(cuts(own.job)).toEqual(cuts(joined))
    expect(planJob(own.job, catalogue).pieces.map(({ run }) => run)).toEqual(['r1', 'r1', 'r2', 'r3'])
  })

  it('what was written down of its joints goes by the ids that they had', () => {
    const ids = (job: Job) => planJob(job, catalogue).joints.map(({ id }) => id)
    expect(ids(own.job)).toEqual(ids(joined))
    const twice = toOwnRun(setKind(own.job, 'r2', 'o', { kind: 'elbow' }), countedIds, 'r1', 'l2').job
    expect(ids(twice)).toEqual(ids(joined))
    expect(twice.runs.map(({ id }) => id)).toEqual(['r1', 'r2', 'r3', 'r4'])
  })

  it('keeps what a leg of it says for itself where that is not the new run’s', () => {
    const said = {
      ...joined,
      legs: joined.legs.map((leg) => (leg.id === 'bl2' ? { ...leg, pipe: pex16, service: 'cold' as const } : leg)),
    }
    const of = (leg: string) => toOwnRun(setKind(said, 'r2', 'x', { kind: 'adapter' }), countedIds, 'r1', leg).job
    expect(of('bl2').legs.at(-1)).toMatchObject({ pipe: undefined, service: undefined, run: 'r3' })
    expect(of('bl2').runs.at(-1)).toMatchObject({ pipe: pex16, service: 'cold' })
  })

  it('is not made where nothing would be left', () => {
    expect(() => toOwnRun(main, countedIds, 'r1', 'l1')).toThrow(/all of its run already/)
    expect(toOwnRun(main, countedIds, 'r1', 'none')).toEqual({ job: main, run: 'r1' })
  })
})

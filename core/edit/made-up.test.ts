import { describe, expect, it } from 'vitest'
import { asBuilt } from '../pipework/as-built'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import type { Job, Node } from '../job/job'
import { systemOf } from '../job/system'
import { join } from '../join/join'
import { planJob } from '../plan/plan-job'
import { pipeId, sampleJob } from '../sample-run'
import { choosePipe } from './choose-pipe'
import { chooseChain } from './edit-tie-in'
import { setPipeBeyond } from './part'
import { chosenChain, legBeyond, withoutMadeUp } from './made-up'

const oldBore = pipeId('BS 659', '3/4')
const copper28 = pipeId('EN 1057', '28', 0.9)
const copper22 = pipeId('EN 1057', '22', 0.9)
const { chains } = join(
  catalogue,
  { a: catalogue.pipe(oldBore)!, b: catalogue.pipe(copper28)! },
  { service: 'cold', place: {}, conditionA: {}, conditionB: {}, profile: 'metric' },
)
const choose = (job: Job, node: string, at = 0): Job =>
  asBuilt(catalogue, chooseChain(catalogue, job, 'r1', node, chains[at]!))
const nodeIn = (job: Job, id: string): Node => job.nodes.find((node) => node.id === id)!
const chosenAt = (job: Job, id: string) => chosenChain(systemOf(job, 'r1')!, nodeIn(job, id))

/** An old pipe in the wall, and 28 copper from it. */
const tieIn = (): Job =>
  sampleJob({
    pipe: copper28,
    method: 'compression',
    legs: [['tie-in:t', 'east', 1200, 'cap:e']],
    nodes: { t: { existing: oldBore } },
  })
/** The two in line, with an adapter between. */
const inner = (): Job => {
  const job = sampleJob({
    pipe: oldBore,
    method: 'compression',
    legs: [
      ['open:s', 'north', 700, 'adapter:a'],
      ['a', 'north', 900, 'open:e'],
    ],
  })
  return setPipeBeyond(job, 'r1', 'l2', copper28)
}

describe('a chain with a made-up piece, chosen between two pipes', () => {
  it('has the piece that the search offered, and a cut length for every piece', () => {
    for (const at of chains.keys()) {
      const job = choose(tieIn(), 't', at)
      expect(job.legs.filter(({ madeUp }) => madeUp).map(({ pipe }) => pipe)).toEqual([chains[at]!.piece!.pipe])
      const { pieces, joints } = planJob(job, catalogue)
      expect(pieces.map(({ missing }) => missing)).toEqual([null, null])
      expect(joints.filter(({ verdict }) => verdict === 'refuse')).toEqual([])
      expect(joints.slice(0, -1).map(({ method }) => method)).toEqual(chains[at]!.joints.map(({ method }) => method))
    }
  })

  it('is known whole for what was chosen, from the tie-in on', () => {
    const job = choose(tieIn(), 't')
    expect(chosenAt(job, 't')).toEqual({
      fittings: chains[0]!.fittings.map(({ id }) => id),
      joints: ['compression', 'press-metal'],
    })
    expect(nodeIn(job, 't').chain!.fittings).toHaveLength(1)
    expect(chosenAt(tieIn(), 't')).toBeUndefined()
  })

  it('goes as a whole when other fittings are chosen there: the legs are as before', () => {
    for (const [start, node] of [
      [tieIn(), 't'],
      [inner(), 'a'],
    ] as const) {
      const job = choose(start, node)
      expect(job.legs).toHaveLength(start.legs.length + 1)
      const back = withoutMadeUp(catalogue, job, 'r1', node)
      expect(back.legs).toEqual(start.legs)
      expect(back.nodes.map(({ id }) => id)).toEqual(start.nodes.map(({ id }) => id))
      const again = choose(job, node, 1)
      expect(again.legs).toHaveLength(start.legs.length + 1)
      expect(chosenAt(again, node)!.fittings).toEqual(chains[1]!.fittings.map(({ id }) => id))
      expect(again).toEqual(choose(start, node, 1))
    }
  })

  it('goes when the run is of another pipe', () => {
    const job = choosePipe(catalogue, choose(tieIn(), 't'), 'r1', copper22)
    expect(job.legs).toMatchObject([{ id: 'l1', length: 1200 }])
    expect(job.nodes.map(({ chain }) => chain)).toEqual([undefined, undefined])
  })

  it('stays where something was drawn from between its fittings', () => {
    const job = choose(tieIn(), 't')
    const [end] = job.nodes.filter(({ id }) => id.startsWith('t~'))
    const branched: Job = {
      ...job,
      nodes: [...job.nodes, { id: 'x', run: 'r1', kind: 'open' }],
      legs: [...job.legs, { id: 'lx', run: 'r1', from: end!.id, to: 'x', direction: 'up', length: 300 }],
    }
    expect(withoutMadeUp(catalogue, branched, 'r1', 't')).toBe(branched)
    expect(withoutMadeUp(catalogue, tieIn(), 'r1', 't').legs).toEqual(tieIn().legs)
    expect(withoutMadeUp(catalogue, job, 'none', 't')).toBe(job)
  })

  it('pieces that lead back to where they began are not followed for ever', () => {
    const job = choose(inner(), 'a')
    const [piece] = job.legs.filter(({ madeUp }) => madeUp)
    const ring: Job = {
      ...job,
      legs: [...job.legs.filter(({ from }) => from !== piece!.to), { ...piece!, id: 'back', from: piece!.to, to: 'a' }],
    }
    expect(chosenAt(ring, 'a')!.fittings).toHaveLength(2)
  })

  it('the pipe that follows is told past the pieces', () => {
    const job = choose(inner(), 'a')
    const system = systemOf(job, 'r1')!
    const [piece, beyond] = [job.legs.find(({ madeUp }) => madeUp)!, job.legs.find(({ id }) => id === 'l2')!]
    expect(legBeyond(system, nodeIn(job, 'a'), piece)).toBe(beyond)
    expect(legBeyond(system, nodeIn(job, 'a'), job.legs[0]!)).toBe(job.legs[0])
  })
})

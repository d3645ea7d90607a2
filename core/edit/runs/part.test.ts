import { countedIds } from '../../testing/sample-ids'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../../catalogue/catalogue'
import type { Node } from '../../job/job'
import { planJob } from '../../plan/plan-job'
import { pipeId } from '../../testing/sample-run'
import { layOut } from '../../run/layout'
import { copyPart, mirrorPart, mirrors, branchFrom, setPipeFrom } from './part'
import { systemsOf } from '../../job/system'
import { job, places, lengths, near, branched, walks } from '../../testing/sample-edits'
import { chained } from '../../testing/sample-choice'

describe('copying and mirroring a part', () => {
  it('takes what hangs on a leg', () => {
    expect(branchFrom(systemsOf(branched)[0]!, 'l1').legs.map(({ id }) => id)).toEqual(['l1', 'l2', 'l3'])
    expect(branchFrom(systemsOf(branched)[0]!, 'l3').legs.map(({ id }) => id)).toEqual(['l3'])
    // However the legs stand in the list, and however far it goes on.
    const long = job([
      ['elbow:c', 'east', 300, 'outlet:d'],
      ['elbow:b', 'north', 300, 'elbow:c'],
      ['tee:a', 'east', 300, 'elbow:b'],
      ['open:s', 'east', 300, 'tee:a'],
      ['tee:a', 'up', 300, 'outlet:e'],
    ])
    expect(branchFrom(systemsOf(long)[0]!, 'l3').legs.map(({ id }) => id)).toEqual(['l1', 'l2', 'l3'])
  })

  it('a mirrored part keeps its lengths and lies on the other side', () => {
    const mirrored = mirrorPart(branched, 'r1', 'l1', 'east-west')
    expect(lengths(mirrored)).toEqual(lengths(branched))
    near(places(mirrored).get('b'), [-1000, 0, 400])
  })

  it('mirrored twice is as before, any run and mirror', () => {
    fc.assert(
      fc.property(walks, fc.constantFrom(...mirrors), (walk, mirror) => {
        const twice = mirrorPart(mirrorPart(walk, 'r1', 'l1', mirror), 'r1', 'l1', mirror)
        expect(twice).toEqual(walk)
      }),
    )
  })

  it('a copy goes on from an end, which becomes an elbow, and keeps its outlets', () => {
    const start = job([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'up', 400, 'outlet:b'],
      ['open:s', 'north', 2000, 'open:c'],
    ])
    const { job: copied, legs } = copyPart(start, countedIds, 'r1', {
      legIds: ['l1', 'l2'],
      to: 'c',
      mirror: 'east-west',
    })
    const [system] = systemsOf(copied)
    expect(legs).toHaveLength(2)
    expect(copied.nodes.find(({ id }) => id === 'c')?.kind).toBe('elbow')
    const last = copied.nodes.at(-1) as Node
    expect(last.kind).toBe('outlet')
    near(layOut(system!).places.get(last.id), [-1000, 2000, 400])
  })

  it('a copy ends openly where what goes on is not copied, and leaves out what does not hang on it', () => {
    const start = job([
      ['open:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'up', 400, 'elbow:b'],
      ['elbow:b', 'east', 300, 'outlet:d'],
      ['open:s', 'north', 2000, 'open:c'],
    ])
    const { job: copied, legs } = copyPart(start, countedIds, 'r1', { legIds: ['l1', 'l3'], to: 'c' })
    expect(legs).toHaveLength(1)
    expect(copied.nodes.at(-1)!.kind).toBe('open')
    expect(copied.legs).toHaveLength(5)
  })
})

describe('another pipe from here on', () => {
  it('goes to all that hangs on the leg, and a coupling before it becomes an adapter', () => {
    const start = job([
      ['open:s', 'east', 1000, 'coupling:c'],
      ['coupling:c', 'east', 500, 'elbow:a'],
      ['elbow:a', 'up', 400, 'outlet:b'],
    ])
    const pex = pipeId('EN ISO 15875', '16')
    const changed = setPipeFrom(start, 'r1', 'l2', pex)
    expect(changed.legs.map(({ pipe }) => pipe)).toEqual([undefined, pex, pex])
    expect(changed.nodes.map(({ kind }) => kind)).toEqual(['open', 'adapter', 'elbow', 'outlet'])
  })

  it('a coupling stays one where the pipe turns in it, or where another coupling is straight', () => {
    const pex = pipeId('EN ISO 15875', '16')
    const start = job([
      ['open:s', 'east', 1000, 'coupling:c'],
      ['coupling:c', 'north', 500, 'coupling:d'],
      ['coupling:d', 'north', 400, 'coupling:f'],
      ['coupling:f', 'north', 400, 'open:b'],
    ])
    const kinds = (leg: string) => setPipeFrom(start, 'r1', leg, pex).nodes.map(({ kind }) => kind)
    expect(kinds('l2')).toEqual(['open', 'coupling', 'coupling', 'coupling', 'open'])
    expect(kinds('l3')).toEqual(['open', 'coupling', 'adapter', 'coupling', 'open'])
    expect(kinds('l4')).toEqual(['open', 'coupling', 'coupling', 'adapter', 'open'])
  })

  it('the fittings chosen there join the arriving pipe by the first method, the one that goes on by the last', () => {
    const pex = pipeId('EN ISO 15875', '16')
    const start = job(
      [
        ['open:s', 'east', 1000, 'adapter:c'],
        ['adapter:c', 'east', 500, 'open:b'],
      ],
      {
        c: {
          fitting: chained(['an adapter'], ['press-metal', 'compression']),
          measured: { takeOff: 20, tolerance: 0.5 },
        },
      },
    )
    const { pieces } = planJob(setPipeFrom(start, 'r1', 'l2', pex), shippedCatalogue)
    expect(pieces.map(({ cut, ends }) => [cut, ends[0].method, ends[1].method])).toEqual([
      [980, null, 'press-metal'],
      [480, 'compression', null],
    ])
  })
})

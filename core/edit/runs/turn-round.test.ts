import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import { planJob } from '../../plan/plan-job'
import { places } from '../../testing/sample-edits'
import { pipeId, sampleJob } from '../../testing/sample-run'
import { setLeg } from '../edit-run'
import { turnLegs, turnRun } from './turn-round'
import { chained } from '../../testing/sample-choice'

const copper = pipeId('EN 1057', '22', 0.9)
const job = sampleJob({
  pipe: copper,
  method: 'solder',
  legs: [
    ['open:s', 'east', 1000, 'elbow:a'],
    ['elbow:a', 'up', 640, 'outlet:e'],
  ],
  nodes: { e: { height: 640 } },
})
const cuts = (of: typeof job) => planJob(of, catalogue).pieces.map(({ cut }) => cut)

describe('turning round', () => {
  it('a leg lies where it lay, with its joists and its free ends', () => {
    const held = setLeg(job, 'r1', 'l1', { fixings: { spacing: 400, offset: 150 }, free: { start: 200 } })
    const turned = turnLegs(held, 'r1', ['l1'])
    expect(turned.legs[0]).toMatchObject({ from: 'a', to: 's', direction: 'west', length: 1000 })
    // Joists at 150, 550, 950 from the one end are at 50, 450, 850 from the other.
    expect(turned.legs[0]!.fixings).toEqual({ spacing: 400, offset: 50 })
    expect(turned.legs[0]!.free).toEqual({ start: undefined, end: 200 })
    expect(places(turned)).toEqual(places(held))
    expect(cuts(turned)).toEqual(cuts(held))
    expect(turnLegs(turned, 'r1', ['l1']).legs[0]).toMatchObject({ from: 's', to: 'a', direction: 'east' })
  })

  it('brings hot water to a mixer that it was drawn away from', () => {
    const mixer = sampleJob({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:c', 'east', 1000, 'mixer:m'],
        ['mixer:m', 'west', 900, 'open:h'],
      ],
      nodes: { m: { mixer: { centres: 150, across: 'south' } } },
    })
    const hot = setLeg(mixer, 'r1', 'l2', { service: 'hot' })
    const rules = (of: typeof hot) => planJob(of, catalogue).checks.map(({ rule }) => rule)
    expect(rules(hot)).toContain('mixer-inlets')
    expect(rules(turnLegs(hot, 'r1', ['l2']))).not.toContain('mixer-inlets')
  })

  it('a run starts where it ended; a height fixed over its start stays where it is', () => {
    const turned = turnRun(job, 'r1')
    expect(turned.legs.map(({ from, to, direction }) => [from, to, direction])).toEqual([
      ['e', 'a', 'down'],
      ['a', 's', 'west'],
    ])
    expect(turned.nodes.map(({ id }) => id)).toEqual(['e', 'a', 's'])
    expect(turned.nodes[0]!.height).toBe(0)
    expect(planJob(turned, catalogue).checks.map(({ rule }) => rule)).not.toContain('height')
    expect(cuts(turned)).toEqual(cuts(job).toReversed())
  })

  it('fittings chosen between two pipes stay between the same two', () => {
    const nodes = {
      a: { fitting: chained(['22 solder × 15 solder reducer'], ['solder', 'solder']) },
    }
    const two = sampleJob({
      pipe: copper,
      method: 'solder',
      legs: [
        ['open:s', 'east', 1000, 'reducer:a'],
        ['reducer:a', 'east', 640, 'open:e'],
      ],
      nodes,
    })
    const reduced = setLeg(two, 'r1', 'l2', { pipe: pipeId('EN 1057', '15', 0.7) })
    const depths = (of: typeof two) =>
      Object.fromEntries(planJob(of, catalogue).joints.map(({ id, insertion }) => [id, insertion]))
    expect(depths(turnRun(reduced, 'r1'))).toEqual(depths(reduced))
  })
})

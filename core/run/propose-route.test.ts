import { countedIds } from '../testing/sample-ids'
import { type Vector, plus } from '../quantity/vector'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { axes } from '../job/kinds'
import { pipeId, sampleJob } from '../testing/sample-run'
import { applyProposal } from '../edit/runs/apply-proposal'
import { closingErrors } from './closing'
import { unitVector } from '../job/direction'
import { layOut } from './layout'
import { proposeRoutes, type RouteQuestion } from './propose-route'
import { systemsOf } from '../job/system'

const question = (to: Vector, more: Partial<RouteQuestion> = {}): RouteQuestion => ({
  from: [0, 0, 0],
  to,
  leastLeg: 60,
  stockLength: 3000,
  ...more,
})
const ways = (of: { legs: readonly { direction: unknown; length: number }[] }) =>
  of.legs.map(({ direction, length }) => [direction, length])

describe('a route between two points', () => {
  it('with the fewest bends is made with elbows: one of them round a corner', () => {
    const [best] = proposeRoutes(question([1000, 800, 0]), 'bends')
    expect(best).toMatchObject({ corner: 'elbow', fittings: 1, bends: 0, pieces: 2, length: 1800 })
    expect(ways(best!)).toEqual([
      ['east', 1000],
      ['north', 800],
    ])
  })

  it('with the fewest pieces is one bent tube', () => {
    const [best] = proposeRoutes(question([600, 800, 0]), 'pieces')
    expect(best).toMatchObject({ corner: 'bend', bends: 1, pieces: 1, length: 1400 })
  })

  it('goes straight across between a leg out and a leg in, where that is less pipe', () => {
    const routes = proposeRoutes(question([1000, 800, 0], { leave: 'east', arrive: 'east', leastLeg: 100 }), 'pieces')
    // 100 out, 100 in, and √(800² + 800²) between.
    expect(routes[0]).toMatchObject({ corner: 'bend', bends: 2, length: expect.closeTo(1331.4, 1) })
  })

  it('never with a leg shorter than wanted: 50 across between a leg out and one in of 100 are none', () => {
    const routes = proposeRoutes(question([250, 20, 0], { leave: 'east', arrive: 'east', leastLeg: 100 }), 'pieces')
    expect(routes.flatMap(({ legs }) => legs).filter(({ length }) => length < 100 - 1e-6)).toEqual([])
    // Across 100 and 20: √(100² + 20²) is enough.
    const longer = proposeRoutes(question([300, 20, 0], { leave: 'east', arrive: 'east', leastLeg: 100 }), 'pieces')
    expect(longer.some(({ length }) => Math.abs(length - 200 - Math.hypot(100, 20)) < 0.01)).toBe(true)
  })

  it('leaves and arrives as it must: up and over for two points at one height', () => {
    const [best] = proposeRoutes(question([900, 0, 0], { leave: 'up', arrive: 'down' }), 'bends')
    expect(ways(best!)).toEqual([
      ['up', 60],
      ['east', 900],
      ['down', 60],
    ])
  })

  it('shares the way out and the way on where both go the same way', () => {
    const routes = proposeRoutes(question([1000, 800, 0], { leave: 'east', arrive: 'east' }), 'bends')
    const elbows = routes.find(({ legs }) => legs.length === 3 && legs[1]!.direction === 'north')!
    expect(ways(elbows)).toEqual([
      ['east', 500],
      ['north', 800],
      ['east', 500],
    ])
    const back = proposeRoutes(question([-1000, -800, 0], { leave: 'west', arrive: 'west' }), 'bends')
    expect(ways(back.find(({ legs }) => legs.length === 3 && legs[1]!.direction === 'south')!)).toEqual([
      ['west', 500],
      ['south', 800],
      ['west', 500],
    ])
  })

  it('there and back, what goes the farther way takes the rest, and no leg is shorter than it may be', () => {
    const routes = proposeRoutes(question([0, 300, 0], { leave: 'east', arrive: 'west' }), 'bends')
    expect(ways(routes[0]!)).toEqual([
      ['east', 60],
      ['north', 300],
      ['west', 60],
    ])
    expect(ways(proposeRoutes(question([200, 300, 0], { leave: 'east', arrive: 'west' }), 'bends')[0]!)).toEqual([
      ['east', 260],
      ['north', 300],
      ['west', 60],
    ])
    expect(proposeRoutes(question([0, 60, 0], { leave: 'north', arrive: 'north' }), 'bends')[0]!.legs).toHaveLength(1)
    const short = proposeRoutes(question([0, 50, 0]), 'bends')
    expect(short.every(({ legs }) => legs.every(({ length }) => length >= 60 - 1e-6))).toBe(true)
    expect(short.some(({ legs }) => legs.length === 1)).toBe(false)
  })

  it('offers of what has the fewest turns two with elbows and one bent, and nothing with more', () => {
    const corners = (to: Vector, more: Partial<RouteQuestion> = {}) =>
      proposeRoutes(question(to, more), 'bends').map(({ corner, legs }) => [corner, legs.length])
    // Six ways round three axes.
    expect(corners([1000, 800, 500]).toSorted()).toEqual([
      ['bend', 3],
      ['elbow', 3],
      ['elbow', 3],
    ])
    expect(corners([1000, 0, 0]).toSorted()).toEqual([
      ['bend', 1],
      ['elbow', 1],
    ])
  })

  it('slants only where it neither bends back nor goes straight on', () => {
    const slants = (to: Vector, more: Partial<RouteQuestion>) =>
      proposeRoutes(question(to, { leastLeg: 100, ...more }), 'pieces').filter(({ legs }) =>
        legs.some(({ direction }) => typeof direction !== 'string'),
      )
    // Out east and then back west is a turn of more than 120 degrees.
    expect(slants([-1000, 300, 0], { leave: 'east' })).toEqual([])
    expect(slants([-1000, 300, 0], { arrive: 'east' })).toEqual([])
    expect(slants([1000, 300, 0], { leave: 'east' }).length).toBeGreaterThan(0)
    expect(slants([1000, 300, 0], { arrive: 'east' }).length).toBeGreaterThan(0)
    expect(slants([1000, 300, 0], {})).toEqual([])
    // From 100 east of the start it goes on east: one leg, not two.
    for (const route of proposeRoutes(question([1000, 0, 0], { leave: 'east', leastLeg: 100 }), 'pieces'))
      expect(route.legs[1]?.direction).not.toBe('east')
    // 100 out, and 70 more aslant is too short a leg.
    expect(slants([150, 50, 0], { leave: 'east' })).toEqual([])
    expect(slants([180, 60, 0], { leave: 'east' }).length).toBeGreaterThan(0)
  })

  it('a bent tube longer than the stock counts its coupling', () => {
    const [best] = proposeRoutes(question([2500, 2000, 0], { leave: 'east', arrive: 'north' }), 'fittings')
    expect(best!.fittings).toBe(1)
  })

  it('ends where it should, as it should, whatever is asked', () => {
    const far = fc.integer({ min: -3000, max: 3000 }).filter((mm) => mm === 0 || Math.abs(mm) > 200)
    fc.assert(
      fc.property(
        fc.tuple(far, far, far).filter(([x, y, z]) => x !== 0 || y !== 0 || z !== 0),
        fc.constantFrom(undefined, ...axes),
        fc.constantFrom(undefined, ...axes),
        fc.constantFrom('fittings', 'bends', 'pieces'),
        (to, leave, arrive, aim) => {
          const found = proposeRoutes(question(to, { leave, arrive }), aim)
          expect(found.length).toBeGreaterThan(0)
          for (const route of found) {
            const end = route.legs.reduce<Vector>(
              (at, { direction, length }) => plus(at, unitVector(direction), length),
              [0, 0, 0],
            )
            to.forEach((value, axis) => expect(end[axis]).toBeCloseTo(value, 1))
            if (leave) expect(route.legs[0]!.direction).toBe(leave)
            if (arrive) expect(route.legs.at(-1)!.direction).toBe(arrive)
          }
          found.slice(1).forEach((route, index) => expect(route[aim]).toBeGreaterThanOrEqual(found[index]![aim]))
        },
      ),
    )
  })

  it('is drawn from a node and closes at its target', () => {
    const job = sampleJob({
      pipe: pipeId('EN 1057', '22', 0.9),
      method: 'solder',
      legs: [['tie-in:s', 'east', 500, 'open:e']],
      nodes: { s: { at: [0, 0, 0] } },
    })
    const to: Vector = [1500, 700, 300]
    const [route] = proposeRoutes(question(to, { from: [500, 0, 0] }), 'bends')
    const drawn = applyProposal(job, countedIds, route!, { run: 'r1', from: 'e', to })
    expect(closingErrors(layOut(systemsOf(drawn.job)[0]!))).toEqual([{ run: 'r1', x: 0, y: 0, z: 0 }])
    expect(drawn.job.nodes.find(({ id }) => id === drawn.node)?.kind).toBe('tie-in')
  })
})

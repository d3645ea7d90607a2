import { fixtureOf, type FixtureId, type UsualFixture } from '../../catalogue/fixture'
import type { Units } from '../../quantity/units'
import { lengthAsk, newAsk, thereAsk } from '../asks'
import type { Draft } from '../draft'
import type { PipeWay } from '../pipes-asked'
import { pattern } from '../pattern'

interface HomeRun {
  readonly draft: Draft
  readonly units: Units
  readonly way: PipeWay
  readonly manifold: UsualFixture
}

/** From an outlet of the manifold, numbered from its inlet, along the floor and up to one fixture's cold end. */
function bring({ draft, units, way, manifold }: HomeRun, outlet: number, to: HomeRunTo): void {
  const from = manifold.ends.find(({ id }) => id === `out-${outlet}`)!
  const fixture = fixtureOf(to.kind, units)!
  const run = draft.run({ name: `${fixture.name}, cold`, service: 'cold', pipe: way.pipe, method: way.method })
  const led = (id: string, kind: FixtureId, end: string) => ({ id, kind, made: units, end })
  const start = draft.node(run, 'outlet', {
    name: `manifold, ${from.name}`,
    fixture: led('manifold', 'manifold', from.id),
    at: [from.across, 0, 0],
  })
  const corner = draft.node(run, 'elbow')
  draft.leg({ from: start, direction: 'north', length: to.along, to: corner })
  const end = draft.node(run, 'outlet', { name: fixture.name, fixture: led(to.kind, to.kind, 'cold') })
  draft.leg({ from: corner, direction: 'up', length: to.up, to: end })
}
interface HomeRunTo {
  readonly kind: FixtureId
  readonly along: number
  readonly up: number
}

/** A cold manifold with a pipe of its own to each fixture. */
export const homeRuns = pattern({
  id: 'home-runs',
  name: 'A manifold with home runs',
  what: 'A cold manifold behind its valve, and from it a pipe without a joint to a basin, a toilet and a sink.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    new: newAsk,
    feed: lengthAsk('From the existing end to the valve', [400, 16], [200, 6000]),
    valve: lengthAsk('From the valve to the manifold', [300, 12], [200, 3000]),
    basin: lengthAsk('Along the floor to the basin', [3000, 120], [500, 15_000]),
    toilet: lengthAsk('Along the floor to the toilet', [4000, 156], [500, 15_000]),
    sink: lengthAsk('Along the floor to the sink', [6000, 240], [500, 15_000]),
  },
  draw({ asked: { there, new: way, feed, valve, basin, toilet, sink }, draft, units, say }) {
    const manifold = fixtureOf('manifold', units)!
    const inlet = manifold.ends.find(({ id }) => id === 'in')!
    const run = draft.run({ name: 'Manifold, feed', service: 'cold', pipe: way.larger, method: way.method })
    const from = draft.node(run, 'tie-in', { existing: there.pipe, at: [inlet.across - valve - feed, 0, 0] })
    const shut = draft.node(run, 'valve', { name: 'manifold valve' })
    draft.leg({ from, direction: 'east', length: feed, to: shut })
    const end = draft.node(run, 'outlet', {
      name: 'manifold, inlet',
      fixture: { id: 'manifold', kind: 'manifold', made: units, end: inlet.id },
    })
    draft.leg({ from: shut, direction: 'east', length: valve, to: end })
    const to: HomeRun = { draft, units, way, manifold }
    bring(to, 1, { kind: 'basin', along: basin, up: fixtureOf('basin', units)!.height! })
    bring(to, 2, { kind: 'toilet', along: toilet, up: fixtureOf('toilet', units)!.height! })
    bring(to, 3, { kind: 'sink', along: sink, up: fixtureOf('sink', units)!.height! })
    return [
      'Each pipe from one piece, without a joint under the floor: a long one from the coil.',
      `Holes through joists in the middle of their height, not within ${say.length(firstFromEnd)} of their ends; a sleeve through a wall, a plate where a nail could reach.`,
      'Write at each outlet what it feeds: each has a valve of its own.',
    ]
  },
})

/** No hole in a joist nearer to its end, in mm; typical: local code and the joist’s maker come first. */
const firstFromEnd = 300

import { fixtureOf, type FixtureId } from '../../catalogue/fixture'
import { inch } from '../../quantity/units'
import { lengthAsk, newAsk, thereAsk } from '../asks'
import { pattern } from '../pattern'

/** A trunk is not fed by pipe smaller than itself. */
const tooSmall = ['copper 15', 'copper 1/2', 'pex-b 1/2']
/** From the last tee of the trunk to where it becomes smaller. */
const beforeReducer = { metric: 200, imperial: 8 * inch } as const

/** A cold trunk over two floors: a sink below, a toilet and a basin above. */
export const houseTrunk = pattern({
  id: 'house-trunk',
  name: 'A trunk over two floors',
  what: 'A cold trunk one size up, from its valve to the floor above: a sink on the way, a toilet and a basin at its end.',
  units: ['metric', 'imperial'],
  asks: {
    there: { ...thereAsk, but: tooSmall },
    new: newAsk,
    valve: lengthAsk('From the existing end to the valve', [400, 16], [200, 6000]),
    tee: lengthAsk('From the valve to the tee for the sink', [1000, 40], [200, 10_000]),
    sink: lengthAsk('Along the floor to the sink', [2500, 100], [300, 10_000]),
    riser: lengthAsk('From that tee to the riser', [1500, 60], [200, 10_000]),
    floor: lengthAsk('Up to the floor above', [2700, 108], [2000, 5000]),
    toilet: lengthAsk('Upstairs, to the toilet', [1800, 72], [300, 10_000]),
    basin: lengthAsk('From the toilet to the basin', [900, 36], [600, 5000]),
  },
  draw({ asked: { there, new: way, valve, tee, sink, riser, floor, toilet, basin }, draft, units }) {
    const trunk = draft.run({ name: 'Trunk, cold', service: 'cold', pipe: way.larger, method: way.method })
    const branch = (kind: FixtureId): string =>
      draft.run({ name: `${fixtureOf(kind, units)!.name}, cold`, service: 'cold', pipe: way.pipe, method: way.method })
    const up = (run: string, from: string, kind: FixtureId) => {
      const { name, height } = fixtureOf(kind, units)!
      const end = draft.node(run, 'outlet', { name, fixture: { id: kind, kind, made: units, end: 'cold' } })
      draft.leg({ from, run, direction: 'up', length: height!, to: end })
    }
    const from = draft.node(trunk, 'tie-in', { existing: there.pipe, at: [0, 0, 0] })
    const shut = draft.node(trunk, 'valve', { name: 'trunk valve' })
    const below = draft.node(trunk, 'tee', { name: 'tee for the sink' })
    const foot = draft.node(trunk, 'elbow', { name: 'foot of the riser' })
    const head = draft.node(trunk, 'elbow', { name: 'head of the riser' })
    const above = draft.node(trunk, 'tee', { name: 'tee for the toilet' })
    draft.leg({ from, direction: 'east', length: valve, to: shut })
    draft.leg({ from: shut, direction: 'east', length: tee, to: below })
    draft.leg({ from: below, direction: 'east', length: riser, to: foot })
    draft.leg({ from: foot, direction: 'up', length: floor, to: head })
    draft.leg({ from: head, direction: 'east', length: toilet, to: above })

    const toSink = branch('sink')
    const turn = draft.node(toSink, 'elbow')
    draft.leg({ from: below, run: toSink, direction: 'north', length: sink, to: turn })
    up(toSink, turn, 'sink')
    up(branch('toilet'), above, 'toilet')
    const toBasin = branch('basin')
    const smaller = draft.node(trunk, 'coupling', { name: 'reducer' })
    const corner = draft.node(toBasin, 'elbow')
    draft.leg({ from: above, direction: 'east', length: beforeReducer[units], to: smaller })
    draft.leg({ from: smaller, run: toBasin, direction: 'east', length: basin - beforeReducer[units], to: corner })
    up(toBasin, corner, 'basin')
    return [
      'A sleeve where the riser passes the floor, wide enough for it to move; a plate where a nail could reach it.',
      'Clips on the riser so that its foot carries nothing. Between two homes the hole is closed against fire: local code.',
      'Valve first, then the trunk up to the floor above, then the branches: the house has its water behind the valve.',
    ]
  },
})

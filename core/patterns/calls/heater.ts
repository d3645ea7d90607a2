import { lengthAsk, newAsk, thereAsk } from '../asks'
import { shippedCatalogue } from '../../catalogue/catalogue'
import { fixtureOf, type FixtureEnd, type UsualFixture } from '../../catalogue/fixture'
import { inRow, rowLength } from '../in-row'
import { inch, type Units } from '../../quantity/units'
import { pattern } from '../pattern'

/** What no relief pipe and no first pipe at a heater is made of. */
const plastic = ['pex-b crimp', 'pex-a expansion', 'multilayer press-multilayer']
/** Metal before plastic begins, in mm; model code: 18 in. */
const firstMetal = 457.2
/** The open end of the relief pipe over the floor, in mm; model code: at most 6 in. */
const endOverFloor = { metric: 150, imperial: 6 * inch } as const

/** What stands in the cold between its shut-off and the heater, in the order of the water; local code may ask for more. */
const safety = { metric: ['check valve', 'expansion valve', 'drain valve'], imperial: [] } as const

/** The heater whose ends take this pipe. */
const fixtureFor = (pipe: string, units: Units): UsualFixture => {
  const [usual, larger] = (['water-heater', 'water-heater-28'] as const).map((id) => fixtureOf(id, units))
  const takes = shippedCatalogue.pipe(pipe)!.nominal
  return larger?.ends.some((end) => end.takes === takes && end.water === 'cold') ? larger : usual!
}

/** A water heater between the cold and the hot pipe over it, and its relief pipe. */
export const heater = pattern({
  id: 'heater',
  name: 'Connect a water heater',
  what: 'Cold with its shut-off, and hot, from the pipes over a water heater down to it, and its relief pipe to the floor, in copper.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    new: { ...newAsk, but: plastic, isLarger: true },
    along: lengthAsk('From the existing ends to over the heater', [600, 24], [300, 6000]),
    valve: lengthAsk('From the corner down to the shut-off', [250, 10], [200, 2000]),
    down: lengthAsk('From the last valve down to the heater', [460, 18], [457, 2500]),
    relief: lengthAsk('From the relief valve down to its open end', [1200, 48], [150, 3000]),
  },
  draw({ asked: { there: existing, new: way, along, valve, down, relief }, draft, units, say }) {
    const { ends, id: kind } = fixtureFor(way.pipe, units)
    const below = valve + rowLength(safety[units]) + down
    const runTo = ({ water }: FixtureEnd, name: string) => {
      // The relief valve is of one size, whatever the heater's other ends take.
      const pipe = water === 'relief' ? way.larger : way.pipe
      return draft.run({ name: `Heater, ${name}`, service: water, pipe, method: way.method })
    }
    const heaterAt = (run: string, { id, name }: FixtureEnd, more = {}) =>
      draft.node(run, 'outlet', {
        name: `heater, ${name}`,
        fixture: { id: 'heater', kind, made: units, end: id },
        ...more,
      })
    for (const end of ends.filter(({ water }) => water !== 'relief')) {
      const run = runTo(end, end.name)
      const there = { existing: existing.pipe, at: [end.across, 0, 0] satisfies [number, number, number] }
      // Each as the water goes: hot comes out of the heater.
      if (end.water === 'hot') {
        const from = heaterAt(run, end)
        const corner = draft.node(run, 'elbow')
        draft.leg({ from, direction: 'up', length: below, to: corner })
        draft.leg({ from: corner, direction: 'south', length: along, to: draft.node(run, 'tie-in', there) })
      } else {
        const from = draft.node(run, 'tie-in', there)
        const corner = draft.node(run, 'elbow')
        const shut = draft.node(run, 'valve', { name: 'cold shut-off' })
        draft.leg({ from, direction: 'north', length: along, to: corner })
        draft.leg({ from: corner, direction: 'down', length: valve, to: shut })
        const to = heaterAt(run, end)
        inRow(draft, run, { from: shut, names: safety[units], direction: 'down', last: down, to })
      }
    }
    const blows = ends.find(({ water }) => water === 'relief')!
    const run = runTo(blows, 'relief')
    const place: [number, number, number] = [blows.across, along, -below + blows.up]
    const from = heaterAt(run, blows, { at: place })
    const end = draft.node(run, 'open', { name: 'open end over the floor', overFloor: endOverFloor[units] })
    draft.leg({ from, direction: 'down', length: relief, to: end })
    return [
      'Fuel and flue are a licensed person’s work. Power off, heater cold, before a pipe is undone.',
      `The first ${say.length(firstMetal)} at the heater are metal, on hot and on cold.`,
      `The relief pipe is full size and falls all the way to a drain, as local code asks: no valve in it, no thread at its end, which is open ${say.length(endOverFloor[units])} over the floor, where it is seen and nobody is scalded.`,
      units === 'metric'
        ? 'The check valve with its arrow to the heater, the expansion valve between it and the heater; a vessel in place of that valve where the heater’s sheet says so.'
        : 'An expansion tank where a check valve stands in the cold; a dielectric union where local code asks for one.',
    ]
  },
})

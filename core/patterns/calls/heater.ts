import { lengthAsk, newAsk, thereAsk } from '../asks'
import { fixtureOf } from '../../catalogue/fixture'
import { pattern } from '../pattern'

/** A water heater between the cold and the hot pipe over it. */
export const heater = pattern({
  id: 'heater',
  name: 'Connect a water heater',
  what: 'Cold with its shut-off, and hot, from the pipes over a water heater down to its two threads, in copper.',
  units: ['imperial'],
  asks: {
    there: thereAsk,
    new: { ...newAsk, but: ['pex-b crimp', 'pex-a expansion'] },
    along: lengthAsk('From the existing ends to over the heater', [600, 24], [300, 6000]),
    valve: lengthAsk('From the corner down to the shut-off', [250, 10], [200, 2000]),
    down: lengthAsk('From the shut-off down to the heater', [460, 18], [457, 2500]),
  },
  draw({ asked: { there, new: way, along, valve, down }, draft, units, say }) {
    const { ends, id: kind } = fixtureOf('water-heater', units)!
    for (const { id, water, across } of ends) {
      const run = draft.run({ name: `Heater, ${id}`, service: water, pipe: way.larger, method: way.method })
      const from = draft.node(run, 'tie-in', { existing: there.pipe, at: [across, 0, 0] })
      const corner = draft.node(run, 'elbow')
      draft.leg({ from, direction: 'north', length: along, to: corner })
      const end = draft.node(run, 'outlet', {
        name: `heater, ${id}`,
        fixture: { id: 'heater', kind, made: units, end: id },
      })
      if (water === 'cold') {
        const shut = draft.node(run, 'valve', { name: 'cold shut-off' })
        draft.leg({ from: corner, direction: 'down', length: valve, to: shut })
        draft.leg({ from: shut, direction: 'down', length: down, to: end })
      } else draft.leg({ from: corner, direction: 'down', length: valve + down, to: end })
    }
    return [
      'Fuel and flue are a licensed person’s work. Power off, heater cold, before a pipe is undone.',
      `The first ${say.length(firstMetal)} at the heater are metal, on hot and on cold.`,
      'Relief pipe of full size from its valve, falling, to the floor drain as local code asks: no valve in it, no thread at its end.',
      'An expansion tank where a check valve stands in the cold; a dielectric union where local code asks for one.',
    ]
  },
})

/** Metal before plastic begins, in mm; model code: 18 in. */
const firstMetal = 457.2

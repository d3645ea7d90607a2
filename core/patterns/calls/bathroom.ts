import { fixtureOf } from '../../catalogue/fixture'
import { lengthAsk, newAsk, thereAsk } from '../asks'
import { pattern } from '../pattern'

/** Basin and toilet on one cold branch along a wall, in the order of the wall. */
export const bathroom = pattern({
  id: 'bathroom',
  name: 'Basin and toilet on one branch',
  what: 'A cold branch along a wall that feeds a toilet and a basin, a valve before both.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    new: newAsk,
    valve: lengthAsk('From the existing end to the valve', [300, 12], [200, 4000]),
    first: lengthAsk('From the valve to the toilet', [700, 28], [200, 5000]),
    second: lengthAsk('From the toilet to the basin', [900, 36], [200, 5000]),
    toilet: lengthAsk('Up to the toilet', [250, 10], [150, 2500]),
    basin: lengthAsk('Up to the basin', [600, 24], [150, 2500]),
  },
  draw({ asked: { there, new: way, valve, first, second, toilet, basin }, draft, units }) {
    const run = draft.run({ name: 'Bathroom, cold', service: 'cold', pipe: way.pipe, method: way.method })
    const from = draft.node(run, 'tie-in', { existing: there.pipe, at: [0, 0, 0] })
    const shut = draft.node(run, 'valve', { name: 'bathroom valve' })
    const tee = draft.node(run, 'tee')
    const corner = draft.node(run, 'elbow')
    draft.leg({ from: from, direction: 'east', length: valve, to: shut })
    draft.leg({ from: shut, direction: 'east', length: first, to: tee })
    draft.leg({ from: tee, direction: 'east', length: second, to: corner })
    const outlet = (at: string, kind: 'toilet' | 'basin', height: number) => {
      const fixture = fixtureOf(kind, units)!
      const end = draft.node(run, 'outlet', {
        name: fixture.name,
        fixture: { id: kind, kind, made: units, end: 'cold' },
      })
      draft.leg({ from: at, direction: 'up', length: height, to: end })
    }
    outlet(tee, 'toilet', toilet)
    outlet(corner, 'basin', basin)
    return [
      'The valve goes in first: behind it the branch can be made while the house has its water.',
      'Two fixtures on one pipe of this size: for a bath or shower as well, bring the next size along the wall.',
    ]
  },
})

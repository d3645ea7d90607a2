import { fixtureOf, type FixtureId } from '../../catalogue/fixture'
import { fixtureAsk, lengthAsk, newAsk, playAsk, thereAsk } from '../asks'
import { cutIntoLine } from '../existing-line'
import { pattern } from '../pattern'

const fed = {
  metric: [
    { value: 'toilet', label: 'Toilet' },
    { value: 'cap', label: 'A capped end for later' },
  ],
  imperial: [
    { value: 'toilet', label: 'Toilet' },
    { value: 'outdoor-tap', label: 'Outdoor faucet' },
    { value: 'cap', label: 'A capped end for later' },
  ],
} as const

/** A tee cut into a cold line, with its branch to one outlet. */
export const teeOff = pattern({
  id: 'tee-off',
  name: 'Tee off to a new outlet',
  what: 'A tee cut into a cold line, a valve, and the branch to one outlet.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    new: newAsk,
    play: playAsk,
    leads: fixtureAsk('It leads to', fed),
    valve: lengthAsk('From the tee to the valve', [250, 10], [200, 3000]),
    along: lengthAsk('From the valve to the corner', [900, 36], [200, 6000]),
    up: lengthAsk('From the corner to the outlet', [400, 16], [200, 3000]),
  },
  draw({ asked: { there, new: way, play, leads, valve, along, up }, draft, units }) {
    const { pipe, method } = way
    const tee = cutIntoLine(draft, {
      there,
      way,
      name: 'Existing line',
      service: 'cold',
      kind: 'tee',
      along: 'east',
      at: [0, 0, 0],
      play,
    })
    const run = draft.run({ name: 'New outlet', service: 'cold', pipe, method })
    const shut = draft.node(run, 'valve')
    draft.leg({ from: tee, direction: 'north', length: valve, to: shut, run })
    const corner = draft.node(run, 'elbow')
    draft.leg({ from: shut, direction: 'north', length: along, to: corner })
    const fixture = leads === 'cap' ? undefined : fixtureOf(leads as FixtureId, units)
    const end = fixture
      ? draft.node(run, 'outlet', {
          name: fixture.name,
          fixture: { id: 'fixture', kind: fixture.id, made: units, end: fixture.ends[0]!.id },
        })
      : draft.node(run, 'cap', { name: 'for later' })
    draft.leg({ from: corner, direction: 'up', length: up, to: end })
    return [
      'Make the valve’s joints before the water goes off where they can be made on the bench; shut it, and the house has its water back.',
      ...(leads === 'outdoor-tap'
        ? [
            'Outdoors: a check against backflow as local code asks, a drain indoors, a sleeve through the wall that falls outwards, and the water off and drained before frost.',
          ]
        : []),
    ]
  },
})

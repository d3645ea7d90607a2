import { fixtureOf, type FixtureEnd, type FixtureId } from '../../catalogue/fixture'
import { fixtureAsk, lengthAsk, newAsk, thereAsk } from '../asks'
import { pattern } from '../pattern'
import type { Units } from '../../quantity/units'

const rough = {
  metric: [
    { value: 'basin', label: 'Wash basin' },
    { value: 'sink', label: 'Kitchen sink' },
    { value: 'bath-taps', label: 'Bath taps' },
    { value: 'shower-mixer', label: 'Shower mixer on the wall' },
    { value: 'washing-machine', label: 'Washing machine' },
  ],
  imperial: [
    { value: 'basin', label: 'Bathroom sink' },
    { value: 'sink', label: 'Kitchen sink' },
    { value: 'washing-machine', label: 'Washing machine' },
  ],
} as const

/** What one of them needs beside its two pipes. */
const notes: Partial<Record<FixtureId, Partial<Record<Units, readonly string[]>>>> = {
  sink: { imperial: ['For a dishwasher: a stop with two outlets on the hot.'] },
  'washing-machine': {
    metric: ['A valve of its own on each, within reach.'],
    imperial: ['An outlet box with a valve for each, and a hammer arrester on each: the machine shuts at once.'],
  },
}

/** Hot and cold brought to a fixture along the floor and up the wall, from two pipes that end there. */
export const roughIn = pattern({
  id: 'rough-in',
  name: 'Hot and cold to a fixture',
  what: 'A hot and a cold pipe from two that end under the floor, along and up to one fixture.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    new: newAsk,
    fixture: fixtureAsk('Fixture', rough),
    along: lengthAsk('From the existing ends to under the fixture', [1500, 60], [400, 8000]),
    apart: lengthAsk('Between the existing hot and cold', [150, 6], [60, 1000]),
    height: lengthAsk('From those pipes up to the outlets', [600, 24], [200, 2500]),
  },
  draw({ asked: { there, new: way, fixture: chosen, along, apart, height }, draft, units }) {
    const fixture = fixtureOf(chosen as FixtureId, units)!
    const bring = ({ id, name, water, across }: FixtureEnd, side: number): void => {
      const run = draft.run({ name: `${fixture.name}, ${name}`, service: water, pipe: way.pipe, method: way.method })
      const from = draft.node(run, 'tie-in', { existing: there.pipe, at: [across, side * apart, 0] })
      const corner = draft.node(run, 'elbow')
      draft.leg({ from: from, direction: 'north', length: along + (1 - side) * apart, to: corner })
      const outlet = draft.node(run, 'outlet', {
        name: `${fixture.name}, ${name}`,
        fixture: { id: 'fixture', kind: fixture.id, made: units, end: id },
      })
      draft.leg({ from: corner, direction: 'up', length: height, to: outlet })
    }
    fixture.ends.forEach((end, index) => bring(end, index))
    return [
      'Facing the wall: hot on the left, cold on the right. The fixture’s own sheet overrules the distances here.',
      ...(notes[chosen as FixtureId]?.[units] ?? []),
      'Fix the outlets to blocking, cap them, test, and take a photo with a rule in it before the wall is closed.',
    ]
  },
})

import { fixtureOf } from '../../catalogue/fixture'
import { lengthAsk, newAsk, playAsk, thereAsk } from '../asks'
import { cutIntoLine } from '../existing-line'
import { inRow, rowLength } from '../in-row'
import { pattern } from '../pattern'

/** An outdoor tap off a cold line, with what has to stand before it in the warm. */
export const outdoorTap = pattern({
  id: 'outdoor-tap',
  name: 'Outdoor tap through the wall',
  what: 'A tee cut into a cold line; its valve, double check valve and drain valve indoors; through the wall to the tap.',
  units: ['metric'],
  asks: {
    there: thereAsk,
    // In daylight plastic and its seals do not last.
    new: { ...newAsk, but: ['multilayer press-multilayer'] },
    play: playAsk,
    valve: lengthAsk('From the tee to the valve', [250, 10], [200, 3000]),
    out: lengthAsk('From the valve through the wall to the elbow outside', [1000, 40], [700, 6000]),
    down: lengthAsk('From that elbow down to the tap', [250, 10], [200, 2000]),
  },
  draw({ asked: { there, new: way, play, valve, out, down }, draft, units }) {
    const { pipe, method } = way
    const line = { name: 'Existing line', service: 'cold', kind: 'tee', along: 'east', at: [0, 0, 0] } as const
    const tee = cutIntoLine(draft, { ...line, at: [0, 0, 0], there, way, play })
    const run = draft.run({ name: 'Outdoor tap', service: 'cold', pipe, method })
    const shut = draft.node(run, 'valve', { name: 'valve of the outdoor tap' })
    draft.leg({ from: tee, direction: 'north', length: valve, to: shut, run })
    const outside = draft.run({ name: 'Outside', service: 'cold', pipe, method, place: { outdoors: true } })
    const elbow = draft.node(outside, 'elbow', { name: 'elbow outside' })
    const names = ['double check valve', 'drain valve']
    inRow(draft, run, { from: shut, names, direction: 'north', last: out - rowLength(names), to: elbow })
    const { id: kind, name } = fixtureOf('outdoor-tap', units)!
    const tap = draft.node(outside, 'outlet', { name, fixture: { id: 'fixture', kind, made: units, end: 'cold' } })
    draft.leg({ from: elbow, direction: 'down', length: down, to: tap })
    return [
      'The valve goes in first: shut it, and the house has its water back.',
      'The double check valve with its arrow outwards, the drain valve after it, both in the warm. Local code says which check it asks for.',
      'A sleeve through the wall that falls a little outwards, sealed outside. Shut the valve and drain the pipe before frost.',
    ]
  },
})

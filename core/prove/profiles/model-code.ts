import { fixed, sentence } from '../../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, testProfile } from '../profile'

const hold = 900
/** 50 psi in bar. */
const airPressure = 3.447

export const modelCodeWater = testProfile({
  meta: {
    id: 'model-code-water',
    name: 'Plumbing code, water',
    statement: 'At the working pressure the pressure does not drop in 15 minutes.',
    why: 'A line that holds its working pressure with nothing open has no way out for the water.',
    basis: 'model code',
    media: ['water'],
    steps: [
      { does: 'raise', seconds: 0, share: 1 },
      { does: 'hold', seconds: hold, share: 1 },
    ],
    falls: [{ from: 0, to: hold, most: 0 }],
    stillFrom: 0,
    messages: {
      raised: sentence({ bar: 10 }, ({ bar }, say) => `at least ${say.testPressure(bar)} reached`),
      drop: fixed('no drop in 15 minutes'),
    },
  },
  limits: ({ readings, design }, say) => [
    say('raised', atLeast(raisedTo(readings, 0), design), { bar: design }),
    say('drop', atMost(fall(readings, 0, hold), 0)),
  ],
})

export const modelCodeAir = testProfile({
  meta: {
    id: 'model-code-air',
    name: 'Plumbing code, air',
    statement: 'With air at 50 psi the pressure does not drop in 15 minutes; not on plastic.',
    why: 'Air stores what water does not: a fitting that lets go is thrown, and plastic breaks into splinters.',
    basis: 'model code',
    media: ['air'],
    steps: [
      { does: 'raise', seconds: 0, bar: airPressure },
      { does: 'hold', seconds: hold, bar: airPressure },
    ],
    falls: [{ from: 0, to: hold, most: 0 }],
    stillFrom: 0,
    messages: {
      plastic: fixed('no plastic: test plastic with water, unless its maker allows air'),
      raised: sentence({ bar: airPressure }, ({ bar }, say) => `at least ${say.testPressure(bar)} reached`),
      drop: fixed('no drop in 15 minutes'),
    },
  },
  limits: ({ readings, hasPlastic }, say) => [
    say('plastic', { value: hasPlastic ? 1 : 0, limit: 0, passes: !hasPlastic }),
    say('raised', atLeast(raisedTo(readings, 0), airPressure), { bar: airPressure }),
    say('drop', atMost(fall(readings, 0, hold), 0)),
  ],
})

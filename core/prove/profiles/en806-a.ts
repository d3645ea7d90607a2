import { fixed, sentence } from '../../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, testProfile } from '../profile'

const hold = 600

export const en806a = testProfile({
  meta: {
    id: 'en806-a',
    name: 'Rigid pipe (EN 806-4 A)',
    statement: 'At 1.1 times the design pressure the pressure does not drop in 10 minutes.',
    why: 'Rigid pipe does not stretch: a leak shows at once.',
    basis: 'standard',
    media: ['water'],
    steps: [
      { does: 'raise', seconds: 0, share: 1.1 },
      { does: 'hold', seconds: hold, share: 1.1 },
    ],
    falls: [{ from: 0, to: hold, most: 0 }],
    stillFrom: 0,
    messages: {
      raised: sentence({ bar: 11 }, ({ bar }, say) => `at least ${say.testPressure(bar)} reached`),
      drop: fixed('no drop in 10 minutes'),
    },
  },
  limits: ({ readings, design }, say) => [
    say('raised', atLeast(raisedTo(readings, 0), 1.1 * design), { bar: 1.1 * design }),
    say('drop', atMost(fall(readings, 0, hold), 0)),
  ],
})

import { fixed, sentence } from '../../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, testProfile } from '../profile'

const [toppingUp, hold] = [1800, 1800]
/** After it was lowered the gauge is given so long to come to rest, in seconds. */
const rest = 60

export const en806b = testProfile({
  meta: {
    id: 'en806-b',
    name: 'Elastic pipe (EN 806-4 B)',
    statement:
      'At 1.1 times the design pressure for 30 minutes, topped up; then lowered to half of the design pressure, and for 30 minutes it does not fall.',
    why: 'Plastic stretches for a while under new pressure; lowered, it shrinks back, and a fall is lost water.',
    basis: 'standard',
    media: ['water'],
    steps: [
      { does: 'raise', seconds: 0, share: 1.1 },
      { does: 'top up', seconds: toppingUp, share: 1.1 },
      { does: 'lower', seconds: 0, share: 0.5 },
      { does: 'hold', seconds: hold, share: 0.5 },
    ],
    falls: [{ from: toppingUp + rest, to: toppingUp + hold, most: 0 }],
    stillFrom: toppingUp + rest,
    messages: {
      raised: sentence(
        { bar: 11 },
        ({ bar }, say) => `at least ${say.testPressure(bar)} reached, topped up for 30 minutes`,
      ),
      drop: fixed('lowered to half the design pressure, it does not fall in 30 minutes'),
    },
  },
  limits: ({ readings, design }, say) => [
    say('raised', atLeast(raisedTo(readings, 0), 1.1 * design), { bar: 1.1 * design }),
    say('drop', atMost(fall(readings, toppingUp + rest, toppingUp + hold), 0)),
  ],
})

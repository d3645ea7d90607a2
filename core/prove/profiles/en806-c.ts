import { sentence } from '../../quantity/words/sentence'
import { atLeast, atMost, fall, raisedTo, testProfile } from '../profile'

const [toppingUp, first, second] = [1800, 1800, 7200]
const [firstMost, secondMost] = [0.6, 0.2]

export const en806c = testProfile({
  meta: {
    id: 'en806-c',
    name: 'Elastic pipe (EN 806-4 C)',
    statement:
      'At 1.1 times the design pressure for 30 minutes, topped up; then in 30 minutes it drops by less than 0.6 bar, and in 120 more by less than 0.2 bar.',
    why: 'The stretch of plastic fades with time; a leak does not.',
    basis: 'standard',
    media: ['water'],
    steps: [
      { does: 'raise', seconds: 0, share: 1.1 },
      { does: 'top up', seconds: toppingUp, share: 1.1 },
      { does: 'hold', seconds: first, share: 1.1 },
      { does: 'hold', seconds: second, share: 1.1 },
    ],
    falls: [
      { from: toppingUp, to: toppingUp + first, most: firstMost },
      { from: toppingUp + first, to: toppingUp + first + second, most: secondMost },
    ],
    stillFrom: toppingUp,
    messages: {
      raised: sentence(
        { bar: 11 },
        ({ bar }, say) => `at least ${say.testPressure(bar)} reached, topped up for 30 minutes`,
      ),
      first: sentence(
        { most: 0.6 },
        ({ most }, say) => `drops by less than ${say.testPressure(most)} in the next 30 minutes`,
      ),
      second: sentence(
        { most: 0.2 },
        ({ most }, say) => `drops by less than ${say.testPressure(most)} in 120 minutes more`,
      ),
    },
  },
  limits: ({ readings, design }, say) => {
    // Less than the limit: what just reaches it does not pass.
    const under = (value: number | null, most: number) => ({ ...atMost(value, most - 0.005), limit: most })
    return [
      say('raised', atLeast(raisedTo(readings, 0), 1.1 * design), { bar: 1.1 * design }),
      say('first', under(fall(readings, toppingUp, toppingUp + first), firstMost), { most: firstMost }),
      say('second', under(fall(readings, toppingUp + first, toppingUp + first + second), secondMost), {
        most: secondMost,
      }),
    ]
  },
})

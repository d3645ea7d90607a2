import { fixed } from '../../quantity/words/sentence'
import { testProfile } from '../profile'

/** Minutes between the two walks round: what weeps is a drop by then. Typical. */
const between = 300

export const housePressure = testProfile({
  meta: {
    id: 'house-pressure',
    name: 'House pressure, joints inspected',
    statement: 'With the water on, every joint is dry, and still dry some minutes later.',
    why: 'Most service work ends so: a joint that weeps wets a tissue within minutes. It needs no gauge.',
    basis: 'guidance',
    media: ['water'],
    steps: [{ does: 'hold', seconds: 0, share: 1 }],
    falls: [],
    lookAgainAfter: between,
    stillFrom: 0,
    messages: { looked: fixed('every joint dry, twice, minutes apart, checked one by one') },
  },
  limits: (_, say) => [say('looked', { value: null, limit: null, passes: null })],
})

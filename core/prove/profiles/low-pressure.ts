import { fixed } from '../../quantity/words/sentence'
import { testProfile } from '../profile'

export const lowPressure = testProfile({
  meta: {
    id: 'low-pressure',
    name: 'Low-pressure check',
    statement: 'At low pressure every joint is inspected and touched dry, before the test pressure goes on.',
    why: 'A joint left unpressed or not pushed in shows before it can come apart.',
    basis: 'guidance',
    media: ['water', 'air'],
    steps: [{ does: 'hold', seconds: 0, bar: 1 }],
    falls: [],
    lookAgainAfter: 0,
    isFirstLook: true,
    stillFrom: 0,
    messages: { looked: fixed('every joint dry, none hissing, checked one by one') },
  },
  limits: (_, say) => [say('looked', { value: null, limit: null, passes: null })],
})

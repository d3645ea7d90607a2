import { fixed } from '../../quantity/words/sentence'
import { testProfile } from '../profile'

export const lowPressure = testProfile({
  meta: {
    id: 'low-pressure',
    name: 'Low-pressure look',
    statement: 'At a low pressure every joint is looked at and touched dry, before the test pressure is put on.',
    why: 'A joint that was left unpressed or unpushed shows itself before it can come apart.',
    basis: 'guidance',
    media: ['water', 'air'],
    steps: [{ does: 'hold', seconds: 0, bar: 1 }],
    falls: [],
    lookAgainAfter: 0,
    isFirstLook: true,
    stillFrom: 0,
    messages: { looked: fixed('every joint dry, none hissing: by looking, joint by joint') },
  },
  limits: (_, say) => [say('looked', { value: null, limit: null, passes: null })],
})

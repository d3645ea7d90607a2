import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const screed = rule({
  meta: {
    id: 'screed',
    statement: 'A joint in a floor screed goes in a sleeve.',
    why: 'Screed shrinks and its lime corrodes brass and copper; a joint that cannot move a little tears.',
    basis: 'guidance',
    settings: [],
    messages: {
      sleeve: fixed('in screed: avoid joints; else sleeve or wrap it, and test before it is closed in'),
    },
  },
  check: ({ place }, { caution }) => (place.screed ? caution('sleeve') : null),
})

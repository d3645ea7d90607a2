import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const screed = rule({
  meta: {
    id: 'screed',
    statement: 'A joint in a floor screed lies in a sleeve.',
    why: 'Screed shrinks and its lime eats brass and copper; a joint that cannot move a little is torn.',
    basis: 'guidance',
    settings: [],
    messages: {
      sleeve: fixed('in screed: no joint if it can be helped; else sleeve or wrap it, and test before it is covered'),
    },
  },
  check: ({ place }, { caution }) => (place.screed ? caution('sleeve') : null),
})

import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const demountable = rule({
  meta: {
    id: 'demountable',
    statement: 'What must come apart again needs compression, a union or a push-fit with a release.',
    why: 'Solder, press, crimp and expansion joints have to be cut out.',
    basis: 'trade practice',
    settings: [],
    messages: {
      apart: fixed('comes apart again'),
      cut: fixed('does not come apart: use compression, a union or push-fit'),
    },
  },
  check({ method, place }, { fits, refuse }) {
    if (!place.demountable) return null
    return method.demountable ? fits('apart') : refuse('cut')
  },
})

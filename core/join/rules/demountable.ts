import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const demountable = rule({
  meta: {
    id: 'demountable',
    statement: 'What must come apart again is made with compression, a union or a push-fit with a release.',
    why: 'Solder, press, crimp and expansion joints are cut out.',
    basis: 'trade practice',
    settings: [],
    messages: {
      apart: fixed('comes apart again'),
      cut: fixed('it does not come apart: compression, a union or push-fit'),
    },
  },
  check({ method, place }, { fits, refuse }) {
    if (!place.demountable) return null
    return method.demountable ? fits('apart') : refuse('cut')
  },
})

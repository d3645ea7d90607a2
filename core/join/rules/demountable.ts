import { fits, refuse, type Rule } from '../rule'

export const demountable: Rule = {
  meta: {
    id: 'demountable',
    statement: 'What must come apart again is made with compression, a union or a push-fit with a release.',
    why: 'Solder, press, crimp and expansion joints are cut out.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, place }) {
    if (!place.demountable) return null
    return method.demountable
      ? fits('comes apart again')
      : refuse('it does not come apart: compression, a union or push-fit')
  },
}

import { isPotable } from '../../job/place'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const thinCopper = rule({
  meta: {
    id: 'thin-copper',
    statement: 'Whether copper grade M may carry drinking water depends on the local code.',
    why: 'Its wall is a third thinner than grade L; some areas refuse it, others accept it.',
    basis: 'model code',
    settings: ['thinCopper'],
    messages: {
      accepted: fixed('grade M is accepted by this code'),
      thin: fixed('grade M: this code requires grade L on drinking water'),
    },
  },
  check({ pipe, service, profile }, { fits, as }) {
    if (pipe.grade !== 'M' || pipe.standard !== 'ASTM B88' || !isPotable(service)) return null
    return profile.thinCopper === 'fits' ? fits('accepted') : as(profile.thinCopper)('thin')
  },
})

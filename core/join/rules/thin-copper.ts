import { isPotable } from '../../job/place'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const thinCopper = rule({
  meta: {
    id: 'thin-copper',
    statement: 'Copper of grade M on drinking water is what the local code makes of it.',
    why: 'Its wall is a third thinner than grade L; some areas hold that to be too thin, others do not.',
    basis: 'model code',
    settings: ['thinCopper'],
    messages: {
      accepted: fixed('grade M is accepted by this profile'),
      thin: fixed('grade M: this profile asks for grade L on drinking water'),
    },
  },
  check({ pipe, service, profile }, { fits, as }) {
    if (pipe.grade !== 'M' || pipe.standard !== 'ASTM B88' || !isPotable(service)) return null
    return profile.thinCopper === 'fits' ? fits('accepted') : as(profile.thinCopper)('thin')
  },
})

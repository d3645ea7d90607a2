import { isPotable } from '../../job/place'
import { fits, type Rule } from '../rule'

export const thinCopper: Rule = {
  meta: {
    id: 'thin-copper',
    statement: 'Copper of grade M on drinking water is what the local code makes of it.',
    why: 'Its wall is a third thinner than grade L; some areas hold that to be too thin, others do not.',
    basis: 'model code',
    settings: ['thinCopper'],
  },
  check({ pipe, service, profile }) {
    if (pipe.grade !== 'M' || pipe.standard !== 'ASTM B88' || !isPotable(service)) return null
    if (profile.thinCopper === 'fits') return fits('grade M is accepted by this profile')
    return { verdict: profile.thinCopper, text: 'grade M: this profile asks for grade L on drinking water' }
  },
}

import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const concealed = rule({
  meta: {
    id: 'concealed',
    statement: 'A joint that cannot be reached again is soldered, pressed, crimped or expanded.',
    why: 'A nut or a collar can work loose, and a weep in a closed wall is found by the damage.',
    basis: 'model code',
    settings: ['concealedDemountable'],
    messages: {
      accepted: fixed('accepted in a closed place by this profile'),
      unreachable: fixed('it cannot be reached again: use solder, press, crimp or expansion, or leave a hatch'),
    },
  },
  check({ method, place, profile }, { fits, as }) {
    if (!place.concealed || !method.mechanical) return null
    const verdict = profile.concealedDemountable
    return verdict === 'fits' ? fits('accepted') : as(verdict)('unreachable')
  },
})

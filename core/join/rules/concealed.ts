import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const concealed = rule({
  meta: {
    id: 'concealed',
    statement: 'A joint out of reach must be soldered, pressed, crimped or expanded.',
    why: 'A nut or collar can work loose, and a weep in a closed wall shows only by the damage.',
    basis: 'model code',
    settings: ['concealedDemountable'],
    messages: {
      accepted: fixed('accepted by this code when closed in'),
      unreachable: fixed(
        'out of reach once closed in: use solder, press, crimp or expansion, or leave an access panel',
      ),
    },
  },
  check({ method, place, profile }, { fits, as }) {
    if (!place.concealed || !method.mechanical) return null
    const verdict = profile.concealedDemountable
    return verdict === 'fits' ? fits('accepted') : as(verdict)('unreachable')
  },
})

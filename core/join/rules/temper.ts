import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const temper = rule({
  meta: {
    id: 'temper',
    statement: 'Re-round soft copper before any joint.',
    why: 'Coiled tube is oval; an oval end leaves a gap wider than solder or a seal can fill.',
    basis: 'trade practice',
    settings: [],
    messages: {
      round: fixed('re-round the end first'),
    },
  },
  check({ method, pipe }, { fits }) {
    if (pipe.temper !== 'soft') return null
    return method.wantsRound ? fits('round') : null
  },
})

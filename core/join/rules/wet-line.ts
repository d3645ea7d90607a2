import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const wetLine = rule({
  meta: {
    id: 'wet-line',
    statement: 'Never solder or cement a line that drips.',
    why: 'Water in the pipe holds the joint below soldering heat and turns to steam; cement does not bite on a wet wall.',
    basis: 'trade practice',
    settings: [],
    messages: {
      wet: fixed('the line is wet: dry it first, or use push-fit, press or compression'),
    },
  },
  check({ method, place }, { refuse }) {
    return place.wet && method.wantsDry ? refuse('wet') : null
  },
})

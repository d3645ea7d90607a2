import { materialOf } from '../../materials'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const stubOut = rule({
  meta: {
    id: 'stub-out',
    statement: 'Pipe through a finished wall must be rigid and fixed.',
    why: 'A valve is turned on it for years: a loose stub works its joint loose inside the wall.',
    basis: 'trade practice',
    settings: [],
    messages: {
      held: fixed('fixed at the wall'),
      bare: fixed('a bare flexible stub: use a copper stub-out, or a drop-ear elbow screwed to a noggin'),
    },
  },
  check({ pipe, place }, { fits, refuse }) {
    if (place.stubOut === undefined || !materialOf(pipe).isFlexible) return null
    return place.stubOut === 'fixed' ? fits('held') : refuse('bare')
  },
})

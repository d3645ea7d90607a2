import { isPlastic } from '../../materials'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const sameSystem = rule({
  meta: {
    id: 'same-system',
    statement: 'Plastic pipe, insert and fitting must be one system, unless the maker lists another.',
    why: 'Bores and walls differ by tenths between makers, and an insert or a barb seals on those tenths.',
    basis: 'guidance',
    settings: [],
    messages: {
      mixed: fixed('pipe, insert and fitting are of different systems: use one system'),
      one: fixed('pipe, insert and fitting are of one system'),
      listed: fixed('the maker lists this pipe'),
    },
  },
  check({ method, pipe, place }, { fits, refuse }) {
    if (place.system === undefined || !isPlastic(pipe.material) || !method.oneSystem) return null
    return place.system === 'mixed' ? refuse('mixed') : fits(place.system)
  },
})

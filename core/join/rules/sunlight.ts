import { materialOf } from '../../materials'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const sunlight = rule({
  meta: {
    id: 'sunlight',
    statement: 'PEX, polybutylene, PP-R and multilayer stay out of daylight.',
    why: 'Ultraviolet light makes their wall brittle within months.',
    basis: 'guidance',
    settings: [],
    messages: {
      light: fixed('not for daylight: cover it, or use metal outdoors'),
    },
  },
  check: ({ pipe, place }, { refuse }) => (place.outdoors && materialOf(pipe).spoiltByLight ? refuse('light') : null),
})

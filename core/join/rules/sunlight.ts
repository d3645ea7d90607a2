import type { Material } from '../../catalogue/material'
import { fixed } from '../../quantity/message'
import { rule } from '../rule'

const spoiltByLight: ReadonlySet<Material> = new Set(['pex-a', 'pex-b', 'pex-c', 'pb', 'pp-r', 'multilayer'])

export const sunlight = rule({
  meta: {
    id: 'sunlight',
    statement: 'PEX, polybutylene, PP-R and multilayer stay out of daylight.',
    why: 'Ultraviolet light makes their wall brittle within months.',
    basis: 'guidance',
    settings: [],
    messages: {
      light: fixed('it does not stand daylight: cover it, or use metal outdoors'),
    },
  },
  check: ({ pipe, place }, { refuse }) => (place.outdoors && spoiltByLight.has(pipe.material) ? refuse('light') : null),
})

import type { Material } from '../../catalogue/material'
import { refuse, type Rule } from '../rule'

const spoiltByLight: ReadonlySet<Material> = new Set(['pex-a', 'pex-b', 'pex-c', 'pb', 'pp-r', 'multilayer'])

export const sunlight: Rule = {
  meta: {
    id: 'sunlight',
    statement: 'PEX, polybutylene, PP-R and multilayer stay out of daylight.',
    why: 'Ultraviolet light makes their wall brittle within months.',
    basis: 'guidance',
    settings: [],
  },
  check({ pipe, place }) {
    if (!place.outdoors || !spoiltByLight.has(pipe.material)) return null
    return refuse('it does not stand daylight: cover it, or use metal outdoors')
  },
}

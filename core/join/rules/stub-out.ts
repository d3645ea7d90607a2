import type { Material } from '../../catalogue/material'
import { fits, refuse, type Rule } from '../rule'

const flexible: ReadonlySet<Material> = new Set(['pex-a', 'pex-b', 'pex-c', 'pb', 'pe', 'multilayer'])

export const stubOut: Rule = {
  meta: {
    id: 'stub-out',
    statement: 'Pipe that comes through a finished wall is rigid and fixed.',
    why: 'A valve is turned on it for years: a stub that gives works its joint loose inside the wall.',
    basis: 'trade practice',
    settings: [],
  },
  check({ pipe, place }) {
    if (place.stubOut === undefined || !flexible.has(pipe.material)) return null
    if (place.stubOut === 'fixed') return fits('fixed at the wall')
    return refuse('a bare flexible stub: use a copper stub-out, or a drop-ear elbow screwed to a noggin')
  },
}

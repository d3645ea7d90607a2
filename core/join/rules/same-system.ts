import type { MethodId } from '../../catalogue/method'
import { isPlastic } from '../../catalogue/material'
import { fits, refuse, type Rule } from '../rule'

const madeAsOneSystem: ReadonlySet<MethodId> = new Set([
  'press-multilayer',
  'crimp',
  'clamp',
  'expansion',
  'push-fit',
  'compression',
])

export const sameSystem: Rule = {
  meta: {
    id: 'same-system',
    statement: 'Plastic pipe, insert and fitting are of one system, unless the maker lists another.',
    why: 'Bores and walls differ by tenths between makers, and an insert or a barb seals on those tenths.',
    basis: 'guidance',
    settings: [],
  },
  check({ method, pipe, place }) {
    if (place.system === undefined || !isPlastic(pipe.material) || !madeAsOneSystem.has(method.id)) return null
    if (place.system === 'mixed') return refuse('pipe, insert and fitting are of different systems: use one system')
    return fits(place.system === 'one' ? 'pipe, insert and fitting are of one system' : 'the maker lists this pipe')
  },
}

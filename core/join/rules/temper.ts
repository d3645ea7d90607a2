import { fits, type Rule } from '../rule'

export const temper: Rule = {
  meta: {
    id: 'temper',
    statement: 'Soft copper is re-rounded before any joint.',
    why: 'Coiled tube is oval; an oval end leaves a gap wider than solder or a seal can fill.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, pipe }) {
    if (pipe.material !== 'copper' || pipe.temper !== 'soft') return null
    if (method.id !== 'solder' && method.id !== 'compression') return null
    return fits('put a re-rounding tool through the end first')
  },
}

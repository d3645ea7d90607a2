import { isPotable } from '../../job/place'
import { refuse, type Rule } from '../rule'

export const heatingOnly: Rule = {
  meta: {
    id: 'heating-only',
    statement: 'Carbon-steel press pipe carries no drinking water.',
    why: 'Fresh water brings fresh oxygen: the wall rusts through and colours the water.',
    basis: 'standard',
    settings: [],
  },
  check({ pipe, service }) {
    if (pipe.material !== 'carbon-steel' || !isPotable(service)) return null
    return refuse('sealed heating only: use copper, stainless or a potable plastic')
  },
}

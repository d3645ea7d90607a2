import { materialOf } from '../../materials'
import { isPotable } from '../../job/place'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const heatingOnly = rule({
  meta: {
    id: 'heating-only',
    statement: 'Carbon-steel press pipe is not for drinking water.',
    why: 'Fresh water brings fresh oxygen: the wall rusts through and colours the water.',
    basis: 'standard',
    settings: [],
    messages: {
      potable: fixed('sealed heating only: use copper, stainless or a potable plastic'),
    },
  },
  check({ pipe, service }, { refuse }) {
    return materialOf(pipe).heatingOnly && isPotable(service) ? refuse('potable') : null
  },
})

import { materialOf } from '../../materials'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const underground = rule({
  meta: {
    id: 'underground',
    statement: 'No bare house-grade copper in soil, and no plain olive.',
    why: 'Soil corrodes thin copper, and moving ground pulls pipe out of a ring that does not lock.',
    basis: 'guidance',
    settings: [],
    messages: {
      house: fixed('bare house-grade copper in soil: use PE, or heavier tube made for it in a sleeve'),
      locks: fixed('in soil only the kind whose ring locks the pipe; better PE'),
    },
  },
  check({ method, pipe, place }, { caution, refuse }) {
    if (!place.underground) return null
    // Grade K, and L from the coil, are made for the ground; the rest is house grade.
    const madeForSoil = pipe.grade === 'K' || (pipe.grade === 'L' && pipe.temper === 'soft')
    if (materialOf(pipe).corrodesInSoil && !madeForSoil) return refuse('house')
    return method.slipsInSoil ? caution('locks') : null
  },
})

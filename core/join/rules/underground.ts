import { caution, refuse, type Rule } from '../rule'

export const underground: Rule = {
  meta: {
    id: 'underground',
    statement: 'House-grade copper does not lie bare in soil, nor does a plain olive hold there.',
    why: 'Soil corrodes thin copper, and ground that moves pulls a pipe out of a ring that does not lock.',
    basis: 'guidance',
    settings: [],
  },
  check({ method, pipe, place }) {
    if (!place.underground) return null
    // Grade K, and L from the coil, are made for the ground; the rest is house grade.
    const madeForSoil = pipe.grade === 'K' || (pipe.grade === 'L' && pipe.temper === 'soft')
    const houseCopper = pipe.material === 'copper' && !madeForSoil
    if (houseCopper) return refuse('house-grade copper bare in soil: use PE, or heavier tube made for it in a sleeve')
    if (method.id === 'compression') return caution('in soil only the kind whose ring locks the pipe; PE is preferred')
    return null
  },
}

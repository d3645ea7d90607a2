import { isPlastic } from '../../catalogue/material'
import { fits, refuse, type Rule } from '../rule'

export const airTest: Rule = {
  meta: {
    id: 'air-test',
    statement: 'Plastic is not tested with compressed air, unless its maker allows it.',
    why: 'Air stores energy: a plastic joint that lets go under air throws pieces.',
    basis: 'guidance',
    settings: [],
  },
  check({ pipe, place }) {
    if (place.airTest === undefined || !isPlastic(pipe.material)) return null
    if (place.airTest === 'maker allows') return fits('the maker allows air: low pressure, everyone out of the room')
    return refuse('no compressed air on plastic: test it with water')
  },
}

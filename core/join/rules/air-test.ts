import { isPlastic } from '../../materials'
import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const airTest = rule({
  meta: {
    id: 'air-test',
    statement: 'Never test plastic with compressed air, unless its maker allows it.',
    why: 'Air stores energy: a plastic joint that lets go under air throws pieces.',
    basis: 'guidance',
    settings: [],
    messages: {
      allowed: fixed('the maker allows air: low pressure, everyone out of the room'),
      water: fixed('no compressed air on plastic: test it with water'),
    },
  },
  check({ pipe, place }, { fits, refuse }) {
    if (place.airTest === undefined || !isPlastic(pipe.material)) return null
    return place.airTest === 'maker allows' ? fits('allowed') : refuse('water')
  },
})

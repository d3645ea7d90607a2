import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const factoryEnd = rule({
  meta: {
    id: 'factory-end',
    statement: 'Cut back and deburr a factory end before push-fit.',
    why: 'The mill’s square edge shaves the ring as it goes in.',
    basis: 'trade practice',
    settings: [],
    messages: {
      square: fixed('factory end: cut it back and deburr inside and out first'),
    },
  },
  check({ method, condition }, { caution }) {
    return method.isPushed && condition.factoryEnd ? caution('square') : null
  },
})

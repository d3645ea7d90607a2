import { caution, type Rule } from '../rule'

export const factoryEnd: Rule = {
  meta: {
    id: 'factory-end',
    statement: 'A factory end is cut and deburred before it goes into push-fit.',
    why: 'The mill’s square edge shaves the ring as it goes in.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, condition }) {
    if (method.id !== 'push-fit' || !condition.factoryEnd) return null
    return caution('factory end: cut it back and deburr inside and out first')
  },
}

import { refuse, type Rule } from '../rule'

export const alignment: Rule = {
  meta: {
    id: 'alignment',
    statement: 'A pipe goes into push-fit in line with it, and stays so.',
    why: 'A pipe that leans loads the ring on one side, and the other side lets water by.',
    basis: 'trade practice',
    settings: [],
  },
  check({ method, place }) {
    if (method.id !== 'push-fit' || place.inLine !== false) return null
    return refuse('the pipe does not stand in line: clip it in line first')
  },
}

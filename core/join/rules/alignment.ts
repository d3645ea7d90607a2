import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const alignment = rule({
  meta: {
    id: 'alignment',
    statement: 'A pipe goes into push-fit in line with it, and stays so.',
    why: 'A pipe that leans loads the ring on one side, and the other side lets water by.',
    basis: 'trade practice',
    settings: [],
    messages: {
      askew: fixed('the pipe does not stand in line: clip it in line first'),
    },
  },
  check({ method, place }, { refuse }) {
    return method.isPushed && place.inLine === false ? refuse('askew') : null
  },
})

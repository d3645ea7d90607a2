import { fixed } from '../../quantity/words/sentence'
import { rule } from '../rule'

export const alignment = rule({
  meta: {
    id: 'alignment',
    statement: 'Pipe goes into push-fit in line, and stays in line.',
    why: 'A pipe at an angle loads the ring on one side, and the other side leaks.',
    basis: 'trade practice',
    settings: [],
    messages: {
      askew: fixed('the pipe is out of line: clip it in line first'),
    },
  },
  check({ method, place }, { refuse }) {
    return method.isPushed && place.inLine === false ? refuse('askew') : null
  },
})

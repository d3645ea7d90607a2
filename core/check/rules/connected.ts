import { fixed } from '../../quantity/words/sentence'
import { atPlace, checkRule, nodePlace } from '../rule'

export const connected = checkRule({
  meta: {
    id: 'connected',
    statement: 'Every fitting is connected to the start of the run.',
    why: 'A node that no pipe leads to has no place, and no figure.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: { loose: fixed('not connected to the start of the run') },
  },
  check(subject, { refuse }) {
    const { system, places } = subject.layout
    if (system.legs.length === 0) return []
    return system.nodes
      .filter(({ id }) => !places.has(id))
      .map(({ id }) => atPlace(nodePlace(subject, id), refuse('loose')))
  },
})

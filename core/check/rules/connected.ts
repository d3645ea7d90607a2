import { fixed } from '../../quantity/words/sentence'
import { atPlace, checkRule, nodePlace } from '../rule'

export const connected = checkRule({
  meta: {
    id: 'connected',
    statement: 'Every fitting of a run hangs on its start.',
    why: 'What no pipe leads to has no place, and nothing of it can be reckoned.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: { loose: fixed('no leg leads here from the start of the run') },
  },
  check(subject, { refuse }) {
    const { system, places } = subject.layout
    if (system.legs.length === 0) return []
    return system.nodes
      .filter(({ id }) => !places.has(id))
      .map(({ id }) => atPlace(nodePlace(subject, id), refuse('loose')))
  },
})

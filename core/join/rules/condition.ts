import { caution, refuse, type Rule } from '../rule'

const sealsOnTheWall = new Set(['push-fit', 'compression-pe', 'press-metal'])

export const condition: Rule = {
  meta: {
    id: 'condition',
    statement: 'The wall under the seal is round, clean and without scores.',
    why: 'A score is a channel past the ring; paint and old solder hold the pipe off its stop.',
    basis: 'guidance',
    settings: ['ovality'],
  },
  check({ method, condition: end, profile }) {
    const oval = (end.ovality ?? 0) > profile.ovality
    if (end.scored && sealsOnTheWall.has(method.id))
      return refuse('scored where the seal sits: cut back to a sound wall')
    const todo = [
      end.painted && 'strip the paint',
      end.oldSolder && 'cut back past the old solder',
      oval && `re-round it (${end.ovality} % oval, ${profile.ovality} % allowed)`,
    ].filter((text): text is string => typeof text === 'string')
    return todo.length > 0 ? caution(`first ${todo.join(', ')}`) : null
  },
}

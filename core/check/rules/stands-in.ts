import { fixed, sentence } from '../../quantity/words/sentence'
import { hasNoPipe } from '../../run/states'
import { atPlace, checkRule, legPlace } from '../rule'

export const standsIn = checkRule({
  meta: {
    id: 'stands-in',
    statement: 'Where no pipe is drawn between two fittings, one goes straight into the other.',
    why: 'A spigot needs a socket and a thread its opposite; two sockets need a piece of pipe between.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      choose: sentence(
        { between: ['tee', 'elbow 2'] },
        ({ between: [one, other] }) =>
          `no pipe is drawn here, and neither of ${one} and ${other} goes into the other: choose one by name, such as a street elbow, or draw pipe`,
      ),
      unknown: fixed('how far one fitting goes into the other is not in the catalogue: measure them as own parts'),
    },
  },
  check(subject, { caution }) {
    const { layout, directJoints, names } = subject
    return layout.system.legs.filter(hasNoPipe).flatMap(({ id, run, from, to }) => {
      const direct = directJoints.get(id)
      if (direct?.length) return []
      const of = names.get(run)!
      const between = [of.node(from), of.node(to)]
      return [atPlace(legPlace(subject, id), direct ? caution('unknown') : caution('choose', { between }))]
    })
  },
})

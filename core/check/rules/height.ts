import { sentence } from '../../quantity/words/sentence'
import { heightErrors } from '../../run/heights'
import { atPlace, checkRule, nodePlace } from '../rule'

export const height = checkRule({
  meta: {
    id: 'height',
    statement: 'What has a set height must be at that height.',
    why: 'An outlet at the wrong height misses its basin, tile or cupboard.',
    basis: 'standard',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      misses: sentence(
        { by: 20, height: 1100 },
        ({ by, height: wanted }, say) =>
          `stands ${say.length(Math.abs(by))} too ${by > 0 ? 'low' : 'high'} for its height of ${say.length(wanted)}`,
      ),
    },
  },
  check: (subject, { caution }) =>
    heightErrors(subject.layout).map(({ node, height: wanted, by }) =>
      atPlace(nodePlace(subject, node), caution('misses', { by, height: wanted })),
    ),
})

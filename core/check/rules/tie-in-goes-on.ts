import { fixed } from '../../quantity/words/sentence'
import { isNewFitting } from '../../run/states'
import { atPlace, checkRule, nodePlace } from '../rule'
import { chainChosen } from '../../job/chosen'

export const tieInGoesOn = checkRule({
  meta: {
    id: 'tie-in-goes-on',
    statement: 'Fittings go in where new pipe starts.',
    why: 'Existing pipe that goes on is not cut where it was identified: nothing is joined there.',
    basis: 'trade practice',
    settings: [],
    step: 'join',
    todo: true,
    messages: {
      'goes on': fixed(
        'existing pipe goes on from here, so the fittings chosen here join nothing: choose them where new pipe starts, or make the first leg new pipe',
      ),
    },
  },
  check: (subject, { caution }) => {
    const { system, arms } = subject.layout
    return system.nodes
      .filter((node) => node.kind === 'tie-in' && chainChosen(node) !== undefined)
      .filter((node) => !isNewFitting(node, arms.get(node.id) ?? []))
      .map(({ id }) => atPlace(nodePlace(subject, id), caution('goes on')))
  },
})

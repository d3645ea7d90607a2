import { sentence } from '../../quantity/words/sentence'
import type { Speaker } from '../../quantity/words/speaks'
import { floorErrors, floorOf, overFloor, toldHeight } from '../../run/floor'
import { heightErrors } from '../../run/heights'
import { atPlace, checkRule, nodePlace } from '../rule'

const stands = (by: number, say: Speaker): string => `stands ${say.length(Math.abs(by))} too ${by > 0 ? 'low' : 'high'}`

export const height = checkRule({
  meta: {
    id: 'height',
    statement: 'What has a set height must be at that height, and two measures from the floor must agree.',
    why: 'An outlet at the wrong height misses its basin, tile or cupboard.',
    basis: 'standard',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      misses: sentence({ by: 20, height: 1100 }, ({ by, height: wanted }, say) => {
        return `${stands(by, say)} for its height of ${say.length(wanted)}`
      }),
      'misses over the floor': sentence({ by: 20, height: 1100 }, ({ by, height: wanted }, say) => {
        return `${stands(by, say)} for its height of ${say.length(wanted)} over the floor`
      }),
      measured: sentence({ by: 30, height: 1120 }, ({ by, height: told }, say) => {
        return `${stands(by, say)} for the ${say.length(told)} measured over the floor: measure again, or check the lengths`
      }),
    },
  },
  check: (subject, { caution }) => {
    const { layout } = subject
    const misses = floorOf(layout) === null ? 'misses' : 'misses over the floor'
    return [
      ...heightErrors(layout).map(({ node, height: wanted, by }) =>
        atPlace(nodePlace(subject, node), caution(misses, { by, height: toldHeight(layout, wanted) })),
      ),
      ...floorErrors(layout).map(({ node, by }) =>
        atPlace(nodePlace(subject, node), caution('measured', { by, height: (overFloor(layout, node) ?? 0) + by })),
      ),
    ]
  },
})

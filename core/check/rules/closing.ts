import { sentence } from '../../quantity/message'
import { atPlace, checkRule } from '../rule'

export const closing = checkRule({
  meta: {
    id: 'closing',
    statement: 'A run between two fixed points reaches both.',
    why: 'What does not close on paper is pulled together on site, and the pull stays in the joints.',
    basis: 'standard',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      misses: sentence(
        { x: 4, y: 0, z: -2 },
        ({ x, y, z }, say) =>
          `the run misses its fixed end by ${say.length(x)} east, ${say.length(y)} north, ${say.length(z)} up`,
      ),
    },
  },
  check: ({ closing: errors, layout, names }, { caution }) =>
    errors
      .filter(({ x, y, z }) => x !== 0 || y !== 0 || z !== 0)
      .map(({ x, y, z }) => atPlace({ run: layout.run.id, where: names.run }, caution('misses', { x, y, z }))),
})

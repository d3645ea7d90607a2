import type { Wall } from '../../job/kinds'
import { wayWord } from '../../run/direction-words'
import { sentence } from '../../quantity/words/sentence'
import { atPlace, checkRule, legPlace } from '../rule'

export const closing = checkRule({
  meta: {
    id: 'closing',
    statement: 'A run between two fixed points must reach both, and a loop must end where it starts.',
    why: 'What does not close on paper gets pulled together on site, and the strain stays in the joints.',
    basis: 'standard',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      misses: sentence(
        { x: 4, y: 0, z: -2, wall: undefined as Wall | undefined },
        ({ x, y, z, wall }, say) =>
          `the run misses its fixed end by ${say.length(x)} ${wayWord('east', wall)}, ${say.length(y)} ${wayWord('north', wall)}, ${say.length(z)} up`,
      ),
      loop: sentence(
        { x: 4, y: 0, z: -2, wall: 'north' as Wall | undefined },
        ({ x, y, z, wall }, say) =>
          `this loop misses its start by ${say.length(x)} ${wayWord('east', wall)}, ${say.length(y)} ${wayWord('north', wall)}, ${say.length(z)} up`,
      ),
    },
  },
  check: (subject, { caution }) =>
    subject.closing
      .filter(({ x, y, z }) => x !== 0 || y !== 0 || z !== 0)
      .map(({ run, leg, x, y, z }) =>
        leg
          ? atPlace(legPlace(subject, leg), caution('loop', { x, y, z, wall: subject.job.facing }))
          : atPlace(
              { run, where: subject.names.get(run)!.run },
              caution('misses', { x, y, z, wall: subject.job.facing }),
            ),
      ),
})

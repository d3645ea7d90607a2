import { groupBy } from '../../quantity/group-by'
import { supportSentences } from '../../support/sayings'
import { atPlace, checkRule, legPlace } from '../rule'

export const support = checkRule({
  meta: {
    ...supportSentences,
    statement: 'Clip pipe as often as its material and size need, measured along the pipe and round corners.',
    why: 'Sagging pipe pulls on its joints; pipe that can swing knocks and wears through.',
    basis: 'guidance',
    settings: ['spacing', 'clipFromSolder', 'clipFromJoint'],
    step: 'route',
    todo: false,
  },
  check(subject) {
    const wanting = subject.supports.flatMap(({ leg, unknown, notes }) => [
      ...(unknown ? [{ leg, message: { ...unknown, verdict: 'caution' as const } }] : []),
      ...notes.filter(({ verdict }) => verdict === 'caution').map((message) => ({ leg, message })),
    ])
    // The same is said once, with how many legs it holds for.
    const alike = groupBy(wanting, ({ message }) => JSON.stringify([message.message, message.values]))
    return [...alike.values()].map((same) =>
      atPlace(legPlace(subject, same[0]!.leg, same.length - 1), same[0]!.message),
    )
  },
})

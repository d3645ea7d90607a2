import { sentence } from '../../quantity/words/sentence'
import { atPlace, checkRule, nodePlace } from '../rule'

export const cutInPlay = checkRule({
  meta: {
    id: 'cut-in-play',
    statement: 'A fitting goes between two fixed ends only if one of them can spring back by the insertion depth.',
    why: 'Pipe forced sideways into a fitting scores it or stops short.',
    basis: 'standard',
    settings: [],
    step: 'cut',
    todo: true,
    messages: {
      unsaid: sentence(
        { needed: 15.6 },
        ({ needed }, say) =>
          `one of the cut ends must spring back ${say.atLeast(needed)}: enter how far they can be sprung apart, or put in new pipe with a slip coupling (Cut in)`,
      ),
      short: sentence(
        { needed: 15.6, play: 5, short: 10.6 },
        ({ needed, play, short }, say) =>
          `one of the cut ends must come back ${say.atLeast(needed)} and gives ${say.length(play)}, ${say.atLeast(short)} short: put in new pipe with a slip coupling (Cut in), or a union`,
      ),
    },
  },
  check: (subject, { caution, refuse }) =>
    subject.cutIns.flatMap(({ node, playNeeded: needed, play }) => {
      if (needed === null || (play !== null && play >= needed)) return []
      const place = nodePlace(subject, node)
      return [
        play === null
          ? atPlace(place, caution('unsaid', { needed }))
          : atPlace(place, refuse('short', { needed, play, short: needed - play })),
      ]
    }),
})

export const stubLength = checkRule({
  meta: {
    id: 'stub-length',
    statement: 'A stub that is used again must be long enough for the joint and its tool.',
    why: 'On too short a stub the pipe stops short in the fitting, or jaw and nut have no room and the joint only looks made.',
    basis: 'typical',
    settings: [],
    step: 'cut',
    todo: true,
    messages: {
      short: sentence(
        { stub: 20, needed: 45, short: 25 },
        ({ stub, needed, short }, say) =>
          `${say.length(stub)} of the existing pipe is left, and the joint and its tool need ${say.length(needed)}: move it by ${say.atLeast(short)}, or take the pipe out to its next fitting`,
      ),
    },
  },
  check: (subject, { refuse }) =>
    subject.cutIns.flatMap(({ node, ends }) =>
      ends.flatMap(({ stub, stubNeeded: needed }) =>
        stub === null || needed === null || stub >= needed
          ? []
          : [atPlace(nodePlace(subject, node), refuse('short', { stub, needed, short: needed - stub }))],
      ),
    ),
})

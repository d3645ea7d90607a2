import { fixed, messagesOf, sentence, type Vocabulary } from '../quantity/words/sentence'

/** Why a joint cannot be made as its turn comes. */
const obstacleSentences = {
  id: 'obstacle',
  messages: {
    held: sentence(
      { needed: 15.4, gives: 4 },
      ({ needed, gives }, say) =>
        `both sides are held: it must be sprung back ${say.atLeast(needed)}, and gives ${say.atMost(gives)}`,
    ),
    heat: sentence({ hurt: 'joint 3, tee' }, ({ hurt }) => `its heat would hurt ${hurt}, made before it`),
    'cannot turn': fixed('it must be screwed on, and neither side can turn any more'),
  },
} as const

/** What is not known of a joint, and what is reckoned with instead. */
const unknownSentences = {
  id: 'assembly-unknown',
  messages: {
    depth: sentence({ taken: 60 }, ({ taken }, say) => `its depth is not known: ${say.length(taken)} is reckoned with`),
    wait: fixed('how long it sets when it is this cold is not known: none is reckoned'),
  },
} as const

export const obstacleSays = messagesOf(obstacleSentences)
export const unknownSays = messagesOf(unknownSentences)
export const assemblyVocabularies: readonly Vocabulary[] = [obstacleSentences, unknownSentences]

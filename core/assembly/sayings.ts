import { fixed, messagesOf, sentence, type Vocabulary } from '../quantity/words/sentence'

/** Why a joint cannot be made as its turn comes. */
const obstacleSentences = {
  id: 'obstacle',
  messages: {
    held: sentence(
      { needed: 15.4, gives: 4 },
      ({ needed, gives }, say) =>
        `both ends are fixed: it must spring back ${say.atLeast(needed)} and only gives ${say.atMost(gives)}`,
    ),
    heat: sentence({ hurt: 'joint 3, tee' }, ({ hurt }) => `its heat would hurt ${hurt}, made before it`),
    'cannot turn': fixed('it screws on, and neither side can turn any more'),
  },
} as const

/** What is not known of a joint, and what is reckoned with instead. */
const unknownSentences = {
  id: 'assembly-unknown',
  messages: {
    depth: sentence({ taken: 60 }, ({ taken }, say) => `depth not known: ${say.length(taken)} assumed`),
    wait: fixed('setting time not known when this cold: none counted'),
  },
} as const

export const obstacleSays = messagesOf(obstacleSentences)
export const unknownSays = messagesOf(unknownSentences)
export const assemblyVocabularies: readonly Vocabulary[] = [obstacleSentences, unknownSentences]

import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** Why there is no order of bending. */
export const bendingOrderSentences = {
  id: 'bending-order',
  messages: {
    many: sentence({ most: 9 }, ({ most }) => `a tube of more than ${most} bends: cut it`),
    'no grip': sentence(
      { lacks: 20 },
      ({ lacks }, say) =>
        `${say.atLeast(lacks)} of straight missing to grip at an end; bend a longer tube and trim it after`,
    ),
    'no shoe': fixed('no straight under the shoe: bend a longer tube and trim it after'),
    'fouls another': fixed('every order fouls another bend: move a bend, or use an elbow'),
    below: fixed('in every order the tube hits the bench: raise the bender, or put an elbow or a coupling in'),
    itself: fixed('in every order the tube hits itself or the former: use an elbow or a coupling'),
  },
} as const

export const bendingOrderSays = messagesOf(bendingOrderSentences)

import { fixed, messagesOf, sentence } from '../quantity/words/sentence'

/** Why there is no order of bending. */
export const bendingOrderSentences = {
  id: 'bending-order',
  messages: {
    many: sentence({ most: 9 }, ({ most }) => `a tube of more than ${most} bends: cut it`),
    'no grip': sentence(
      { lacks: 20 },
      ({ lacks }, say) =>
        `${say.atLeast(lacks)} of straight wanting to grip at an end; bend it on a longer tube and cut after`,
    ),
    'no shoe': fixed('no straight under the shoe: bend it on a longer tube and cut after'),
    'fouls another': fixed('each bend fouls another in every order: move a bend, or put an elbow in its place'),
    below: fixed(
      'in every order the tube hits what is under the bender: raise the bender, or put an elbow or a coupling in',
    ),
    itself: fixed('in every order the tube hits itself or the former: put an elbow or a coupling in'),
  },
} as const

export const bendingOrderSays = messagesOf(bendingOrderSentences)

import { fixed, messagesOf } from '../../quantity/words/sentence'

/** Why a piece that is longer than its stock gets no coupling. */
export const joinLongSentences = {
  id: 'join-long',
  messages: {
    'no room': fixed('no straight has room for a coupling clear of bends and clips'),
    'not known': fixed('the coupling’s take-off or depth is not in the catalogue: put it in by hand, and measure it'),
    many: fixed('too many couplings'),
  },
} as const

export const joinLongSays = messagesOf(joinLongSentences)

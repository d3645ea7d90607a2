import { fixed, messagesOf, sentence } from '../../quantity/words/sentence'
import { withArticle } from '../../quantity/words/trade-words'

/** Why a piece has no cut length, and what to do about it. */
export const missingFigure = {
  id: 'unknown-figure',
  messages: {
    'no tee': fixed('a tee has three legs, two of them in line'),
    'no elbow': fixed('an elbow has two legs'),
    'no such angle': sentence({ turn: 60 }, ({ turn }) => `no elbow turns ${Math.round(turn)}°: 90 and 45 are made`),
    'not in line': fixed('a coupling has two legs in line'),
    'not made': fixed('nobody makes the fitting needed here: see what to use instead'),
    'not chosen': fixed('fittings from existing to new pipe not chosen yet: see Join'),
    chain: fixed('the take-off of the fittings chosen here is not in the catalogue: measure it'),
    'chain apart': fixed(
      'the fittings chosen here do not go into each other, and there is no room for a short piece between them: choose others, or make the leg longer',
    ),
    'no end': sentence(
      { fitting: '22 solder × 1/2 F BSP drop-ear elbow' },
      ({ fitting }) => `the ${fitting} chosen here does not take this pipe: choose another`,
    ),
    'other turn': sentence(
      { fitting: '22 solder elbow 90' },
      ({ fitting }) => `the ${fitting} chosen here does not turn as the pipe does: choose another`,
    ),
    mixer: fixed(
      'a mixer’s own figures are its maker’s: measure from its middle, or its inlet’s, to where the pipe stops',
    ),
    'no socket': fixed('no fitting of this method takes this pipe'),
    'no take-off': sentence(
      { socket: '22 solder', fitting: 'elbow 90' },
      ({ socket, fitting }) => `no take-off of ${withArticle(`${socket} ${fitting}`)} is in the catalogue: measure it`,
    ),
    'no length': fixed('nobody has said how long it is: measure it from end to end'),
    'no depth': fixed('the insertion depth is not in the catalogue: measure it'),
    'bend ends': fixed('a bend is pulled in one length of new pipe: draw the leg after it, or put a fitting there'),
    'bend in line': fixed('a bend has two legs that are not in line'),
    'pipe changes': fixed('the pipe changes in a bend: put the fittings beside it'),
    'no radius': fixed('bend radius not known: enter it'),
  },
} as const

export const missing = messagesOf(missingFigure)

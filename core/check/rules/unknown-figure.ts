import { fixed } from '../../quantity/words/sentence'
import { missingFigure } from '../../pipework/take-off/missing'
import { atPlace, checkRule, piecePlace } from '../rule'

export const unknownFigure = checkRule({
  meta: {
    ...missingFigure,
    statement: 'No cut length until the missing figures are measured.',
    why: 'A guess looks like a figure and gets cut like one.',
    basis: 'trade practice',
    settings: [],
    step: 'cut',
    todo: true,
    messages: {
      ...missingFigure.messages,
      'one depth': fixed('an insertion depth is not in the catalogue: measure it'),
    },
  },
  check(subject, { caution }) {
    return subject.pieces.flatMap((piece) => {
      const place = piecePlace(subject, piece)
      if (piece.missing?.rule === missingFigure.id) return [atPlace(place, { ...piece.missing, verdict: 'caution' })]
      const noDepth = piece.cut !== null && piece.ends.some(({ insertion }) => insertion === null)
      return noDepth ? [atPlace(place, caution('one depth'))] : []
    })
  },
})

import { sentence } from '../../quantity/words/sentence'
import { barePipe } from '../bare-pipe'
import { atPlace, checkRule, piecePlace } from '../rule'

export const leastPiece = checkRule({
  meta: {
    id: 'least-piece',
    statement: 'A piece must be as long as both its insertion depths together.',
    why: 'Shorter, one of the two joints is not fully in.',
    basis: 'standard',
    settings: [],
    step: 'cut',
    todo: true,
    messages: {
      short: sentence(
        { cut: 20, both: 30.8, by: 10.8 },
        ({ cut, both, by }, say) =>
          `the piece would be ${say.length(cut)}, and both ends go in ${say.length(both)}: move a fitting by ${say.atLeast(by)}, or use a street fitting`,
      ),
    },
  },
  check(subject, { refuse }) {
    return subject.pieces.flatMap((piece) => {
      const bare = barePipe(piece)
      if (bare === null || bare >= 0) return []
      const cut = piece.cut!
      const by = Math.max(0.5, -bare)
      const both = cut - bare
      return [atPlace(piecePlace(subject, piece), refuse('short', { cut, both, by }))]
    })
  },
})

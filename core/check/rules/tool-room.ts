import { methods } from '../../methods'
import { toolSpace } from '../../catalogue/tool-space'
import type { PlanPiece } from '../../pipework/planned'
import { sentence } from '../../quantity/words/sentence'
import { barePipe } from '../bare-pipe'
import { atPlace, checkRule, piecePlace, type SystemSubject } from '../rule'

/** What the tools at either end want of the bare pipe between two mouths; null where that is not known or there is room. */
function tooTight({ catalogue }: SystemSubject, piece: PlanPiece) {
  const od = catalogue.pipe(piece.pipe)!.od
  const bare = barePipe(piece)
  if (bare === null || bare < 0) return null
  // Each tool takes its half of the room that two of it need.
  const wanted = piece.ends.flatMap(({ method }) =>
    method ? [{ method, room: (toolSpace(method, od)?.mouths ?? 0) / 2 }] : [],
  )
  const needed = wanted.reduce((sum, { room }) => sum + room, 0)
  if (bare >= needed) return null
  const [larger] = wanted.toSorted((a, b) => b.room - a.room)
  return { bare, needed, short: needed - bare, tool: methods[larger!.method].tool }
}

export const toolRoom = checkRule({
  meta: {
    id: 'tool-room',
    statement: 'Between two fittings on one piece there must be room for jaw, ring or nut.',
    why: 'A jaw that does not close square, a ring on another ring, a nut that cannot be turned: the joint looks made and is not.',
    basis: 'typical',
    settings: [],
    step: 'cut',
    todo: true,
    messages: {
      short: sentence(
        { bare: 8, needed: 20, short: 12, tool: 'press tool and jaw' },
        ({ bare, needed, short, tool }, say) =>
          `${say.length(bare)} of bare pipe between the two fittings, and the ${tool} needs ${say.length(needed)}: move one by ${say.atLeast(short)}`,
      ),
    },
  },
  check: (subject, { refuse }) =>
    subject.pieces.flatMap((piece) => {
      const found = tooTight(subject, piece)
      return found ? [atPlace(piecePlace(subject, piece), refuse('short', found))] : []
    }),
})

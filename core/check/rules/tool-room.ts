import { methods } from '../../catalogue/method'
import { toolSpace } from '../../catalogue/tool-space'
import type { PlanPiece } from '../../plan/types'
import { sentence } from '../../quantity/message'
import { atPlace, checkRule, piecePlace, type RunSubject } from '../rule'

/** Bare pipe between two mouths, and what the tools at either end want of it; null where that is not known or not asked. */
function between({ catalogue }: RunSubject, { pipe, cut, ends }: PlanPiece) {
  const od = catalogue.pipe(pipe)!.od
  const [first, last] = ends
  if (cut === null || first.insertion === null || last.insertion === null) return null
  if (first.method === null || last.method === null) return null
  const bare = cut - first.insertion - last.insertion
  // Each tool takes its half of the room that two of it need.
  const half = (method: NonNullable<typeof first.method>) => (toolSpace(method, od)?.mouths ?? 0) / 2
  const needed = half(first.method) + half(last.method)
  const method = half(first.method) >= half(last.method) ? first.method : last.method
  return bare >= 0 && bare < needed ? { bare, needed, short: needed - bare, tool: methods[method].tool } : null
}

export const toolRoom = checkRule({
  meta: {
    id: 'tool-room',
    statement: 'Between two fittings on one piece there is room for jaw, ring or nut.',
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
      const found = between(subject, piece)
      return found ? [atPlace(piecePlace(subject, piece), refuse('short', found))] : []
    }),
})

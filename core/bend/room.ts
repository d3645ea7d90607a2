import { messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import type { MarkedTube } from './tube'

/** Bends that have no room on their tube: they cannot be marked, and no figure is given for them. */
export const bendRoom = {
  id: 'bend-room',
  messages: {
    overlap: sentence(
      { first: 1, second: 2, by: 20 },
      ({ first, second, by }, say) =>
        `bends ${first} and ${second} overlap by ${say.atLeast(by)}: make the leg between them that much longer, or the radius smaller`,
    ),
    'before the end': sentence(
      { bend: 1, by: 12, end: 'first' as 'first' | 'last' },
      ({ bend, by, end }, say) =>
        `bend ${bend} would begin ${say.atLeast(by)} beyond the pipe’s ${end} end: make that leg longer, or the radius smaller`,
    ),
  },
} as const
const problem = messagesOf(bendRoom)

/** A straight that is shorter by less than this is the error of reckoning. */
const slack = 1e-6

/**
 * What is wrong with the room of a tube's bends: two that overlap, or one that reaches beyond the tube's end.
 *
 * @returns by how much, in mm; null where every bend has its room
 * @remarks for instance: 100 mm between two 90° bends of radius 60: they overlap by 20
 */
export function bendRoomProblem({ straights }: MarkedTube): Message | null {
  const at = straights.findIndex((straight) => straight < -slack)
  if (at < 0) return null
  const by = -straights[at]!
  if (at === 0) return problem('before the end', { bend: 1, by, end: 'first' })
  if (at === straights.length - 1) return problem('before the end', { bend: at, by, end: 'last' })
  return problem('overlap', { first: at, second: at + 1, by })
}

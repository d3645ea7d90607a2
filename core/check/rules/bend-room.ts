import { bendRoom } from '../../bend/room'
import { atPlace, checkRule, piecePlace } from '../rule'

export const bendRoomRule = checkRule({
  meta: {
    ...bendRoom,
    statement: 'Bends do not overlap, and none reaches beyond the end of its pipe.',
    why: 'A bend takes its set-back of the leg to either side: where both take the same pipe, neither can be made.',
    basis: 'standard',
    settings: [],
    step: 'cut',
    todo: true,
  },
  check: (subject) =>
    subject.pieces.flatMap((piece) =>
      piece.missing?.rule === bendRoom.id
        ? [atPlace(piecePlace(subject, piece), { ...piece.missing, verdict: 'refuse' })]
        : [],
    ),
})

import { bendRoom } from '../../bend/room'
import { atPlace, checkRule, piecePlace } from '../rule'

export const bendRoomRule = checkRule({
  meta: {
    ...bendRoom,
    statement: 'Bends must not overlap, or run past the end of the pipe.',
    why: 'A bend uses its set-back of the leg on either side: where two need the same pipe, neither can be made.',
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

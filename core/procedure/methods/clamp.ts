import { commonStart, waterCaution, type JointFigures, type Procedure } from '../procedure'
import { ringFromEnd } from './crimp'

export function clamp({ insertion, socket, say }: JointFigures): Procedure {
  return {
    tools: ['clamp tool', 'pipe shears'],
    consumables: [`${socket?.size ?? ''} pinch clamp`.trim()],
    steps: [
      ...commonStart(insertion, 'home'),
      { text: 'Clamp on first, its ear up and where the tool reaches it. Push the fitting in to its shoulder.' },
      { text: 'Bring the clamp back and hold it there.', figure: ringFromEnd(say) },
      { text: 'Squeeze the ear until the tool releases.' },
    ],
    inspection: ['ear closed evenly', 'gauge, if the maker has one', 'pipe to the shoulder'],
    spoils: ['pinch tool on a crimp ring', 'ear under a clip or a wall', 'released too soon'],
    apart: 'Lift or cut the ear, never the barb; cut the pipe back.',
    cautions: [waterCaution],
  }
}

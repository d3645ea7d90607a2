import type { Leg } from '../job/job'
import { pieceEnd, type PieceEnd } from './take-off/end'
import type { Laid } from './take-off/laid'

/** What the pipe of a leg meets at one of its nodes. */
export type PipeEnds = (node: string, leg: Leg) => PieceEnd

/** The ends of all pipe of a system: what each meets, how far it goes in, what that takes off. Each is asked for once. */
export function pipeEnds(laid: Laid): PipeEnds {
  const known = new Map<Leg, Map<string, PieceEnd>>()
  return (node, leg) => {
    const ofLeg = known.get(leg) ?? new Map<string, PieceEnd>()
    known.set(leg, ofLeg)
    const end = ofLeg.get(node) ?? pieceEnd(laid, node, leg)
    ofLeg.set(node, end)
    return end
  }
}

import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import type { Leg } from '../job/job'
import { pieceEnd, type PieceEnd } from '../run/end'
import type { Layout } from '../run/layout'

/** What the pipe of a leg meets at one of its nodes. */
export type PipeEnds = (node: string, leg: Leg) => PieceEnd

/** The ends of all pipe of a system: what each meets, how far it goes in, what that takes off. Each is asked for once. */
export function pipeEnds(catalogue: Catalogue, layout: Layout): PipeEnds {
  const known = new Map<Leg, Map<string, PieceEnd>>()
  return (node, leg) => {
    const ofLeg = known.get(leg) ?? new Map<string, PieceEnd>()
    known.set(leg, ofLeg)
    const end =
      ofLeg.get(node) ?? pieceEnd(catalogue, layout, node, leg.id, catalogue.pipe(pipeIdIn(layout.system, leg))!)
    ofLeg.set(node, end)
    return end
  }
}

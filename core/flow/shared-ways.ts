import type { Layout } from '../run/layout'
import { noneYet, type Travelled, type GoOn } from './travelled'
import { mainWay, sharedFlow, type Edge } from './network'

/**
 * What each outlet's draw goes through where it comes by several ways: length, content and loss along the way by which
 * most of it comes, the fastest in any.
 *
 * @param feeds nodes from which water comes, one or more, under one pressure
 * @param draw litres a minute at one outlet, the others shut
 */
export function travelledByAllWays(
  { system, node }: Layout,
  goOn: GoOn,
  feeds: readonly string[],
  draw: number,
): ReadonlyMap<string, Travelled> {
  const [first, ...others] = feeds
  if (first === undefined) return new Map()
  const edges: Edge[] = [
    ...system.legs.map((leg) => ({
      from: leg.from,
      to: leg.to,
      loss: (flow: number) => goOn(noneYet, { from: leg.from, leg, to: leg.to }, flow).loss,
    })),
    ...others.map((to) => ({ from: first, to, loss: () => 0 })),
  ]
  const gone = new Map<string, Travelled>()
  for (const id of node.keys()) {
    if (node.get(id)!.kind !== 'outlet' || id === first) continue
    const flows = sharedFlow(edges, first, id, draw)
    if (!flows) continue
    let main = noneYet
    for (const { edge, to } of mainWay(edges, flows, first, id)) {
      const leg = system.legs[edge]
      if (leg) main = goOn(main, { from: leg.to === to ? leg.from : leg.to, leg, to }, Math.abs(flows[edge]!))
    }
    // Beside it water may be faster, in narrower pipe.
    const all = system.legs.map((leg, edge) =>
      goOn(noneYet, { from: leg.from, leg, to: leg.to }, Math.abs(flows[edge]!)),
    )
    const fastest = (of: 'velocity' | 'copperVelocity' | 'insertVelocity') => Math.max(...all.map((one) => one[of]))
    gone.set(id, {
      ...main,
      velocity: fastest('velocity'),
      copperVelocity: fastest('copperVelocity'),
      insertVelocity: fastest('insertVelocity'),
    })
  }
  return gone
}

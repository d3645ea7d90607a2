import { serviceIn } from '../job/leg-defaults'
import type { Catalogue } from '../catalogue/catalogue'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import { refusalsOf } from '../quantity/words/refusal'
import type { Layout } from '../run/layout'
import { unknownHeights } from '../run/unknown-heights'
import { walk } from '../run/walk'
import type { Profile } from '../workshop/profile'
import { goingOnIn, noneYet, type Travelled, type GoOn } from './travelled'
import { waterStateOf } from './loss'
import { travelledByAllWays } from './shared-ways'
import type { System } from '../job/system'

/** What one outlet's draw does on its way from the start of the run: advice, not design. */
export interface FlowPath {
  readonly run: string
  readonly outlet: string
  /** mm along the centre lines. */
  readonly length: number
  /** Litres that stand in it: what runs off before fresh water comes. */
  readonly content: number
  /** The fastest in a pipe, in m/s, and the narrowest bore there, in mm. */
  readonly velocity: number
  readonly bore: number
  /** The fastest in a joint's insert, in m/s. */
  readonly insertVelocity: number
  /** Pressure lost on the way, in kPa. */
  readonly loss: number
  /** Pressure lost by height (more up, less down), in kPa; null where nobody knows how high it stands. */
  readonly height: number | null
  /** Why to be careful; null where there is nothing. */
  readonly caution: Message | null
}

/** What the flow is to be warned of. */
export const flowSentences = {
  id: 'flow',
  messages: {
    fast: sentence(
      { speed: 3.1, most: 2.4 },
      ({ speed, most }, say) =>
        `${say.speed(speed)} in copper, where ${say.speed(most)} is the most: a larger pipe, or less draw`,
    ),
  },
} as const
const tell = messagesOf(flowSentences)
const refuse = refusalsOf({ id: 'draw', messages: { none: fixed('Draw: more than nothing') } })

/** Metres of water to kPa. */
const kiloPascalPerMetre = 9.80665

/** Where water comes in: the start, a tie-in that another run begins with, and every one from which it is said to come. */
function feedsOf({ nodes }: System): string[] {
  const begun = new Set<string>()
  return nodes.flatMap(({ id, kind, run, condition }, index) => {
    const isStart = !begun.has(run)
    begun.add(run)
    return index === 0 || (kind === 'tie-in' && (isStart || condition?.upstream)) ? [id] : []
  })
}

/** Without loops each node has one way, and all are gone at once. */
function travelledByOneWay({ arms }: Layout, goOn: GoOn, start: string, draw: number): ReadonlyMap<string, Travelled> {
  const gone = new Map<string, Travelled>()
  for (const { node, from, leg } of walk(arms, start))
    gone.set(node, leg && from !== null ? goOn(gone.get(from)!, { from, leg, to: node }, draw) : noneYet)
  return gone
}

/**
 * Velocity and pressure loss from where a run is fed to each of its outlets, each drawing alone. Round loops, and from
 * several feeds, a draw comes by all ways that lead to it.
 *
 * @param draw litres a minute at the outlet, above 0
 * @throws RangeError when the draw is not above 0
 */
export function flowPaths(catalogue: Catalogue, layout: Layout, draw: number, profile: Profile): FlowPath[] {
  if (!(draw > 0)) throw refuse('none')
  const { system, places } = layout
  const feeds = feedsOf(system)
  const goOn = goingOnIn(catalogue, layout)
  const unknown = unknownHeights(layout)
  const isTree = layout.closingLegs.size === 0 && feeds.length === 1
  const gone = isTree ? travelledByOneWay(layout, goOn, feeds[0]!, draw) : travelledByAllWays(layout, goOn, feeds, draw)
  return system.nodes.flatMap(({ kind, run, id: outlet }): FlowPath[] => {
    const way = gone.get(outlet)
    if (kind !== 'outlet' || !way?.by) return []
    const isHot = waterStateOf(serviceIn(system, way.by)) === 'hot'
    const most = isHot ? profile.hotVelocity : profile.coldVelocity
    const { length, content, bore, velocity, insertVelocity, loss, copperVelocity } = way
    const rise = (places.get(outlet)?.[2] ?? 0) - (places.get(feeds[0]!)?.[2] ?? 0)
    return [
      {
        run,
        outlet,
        length,
        content,
        velocity,
        bore,
        insertVelocity,
        loss,
        height: unknown.has(outlet) || unknown.has(feeds[0]!) ? null : (rise / 1000) * kiloPascalPerMetre,
        caution: copperVelocity > most ? tell('fast', { speed: copperVelocity, most }) : null,
      },
    ]
  })
}

import type { Ids } from '../ids'
import type { Catalogue } from '../../catalogue/catalogue'
import type { Job, Leg, Node } from '../../job/job'
import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { cutIn, typicalSlipLength } from '../../run/cut-in'
import { pieceEnd } from '../../pipework/take-off/end'
import { layOut } from '../../run/layout'
import { existingEnds } from '../../run/states'
import { splitLeg } from '../legs/edit-leg'
import { setNode, withSystem } from '../edit-run'
import { type System, systemOf, drawnLength } from '../../job/system'

/** What can be put into a line that is there. */
export const cutInKinds = ['tee', 'valve', 'in-line', 'union', 'coupling', 'slip-coupling'] as const
export type CutInKind = (typeof cutInKinds)[number]

const refuse = refusalsOf({
  id: 'cut-into',
  messages: {
    existing: fixed('Cut in: choose a leg of existing pipe'),
    held: fixed('New pipe: choose a fitting that stands between two ends of existing pipe'),
    figures: fixed('New pipe: the take-off or the depth of this fitting is not known; measure it first'),
    room: fixed('New pipe: neither leg of existing pipe is long enough for it'),
  },
})

/**
 * The job with a fitting cut into a leg of existing pipe.
 *
 * @param at mm from the leg's first node; its middle, where the leg's length does not matter
 * @param play mm by which the cut ends can be sprung apart; undefined while nobody has measured it
 * @throws RangeError where the leg is no existing pipe, or the place is not within it
 */
export function cutInto(
  job: Job,
  ids: Ids,
  runId: string,
  {
    legId,
    kind,
    where: { at, play },
  }: {
    readonly legId: string
    readonly kind: CutInKind
    readonly where: { readonly at: number | undefined; readonly play: number | undefined }
  },
): { job: Job; node: string } {
  const leg = systemOf(job, runId)?.legs.find(({ id }) => id === legId)
  if (leg?.state !== 'existing') throw refuse('existing')
  const split = splitLeg(job, ids, runId, {
    legId,
    at: leg.length === null || at === undefined ? drawnLength(leg) / 2 : at,
    kind,
  })
  return { node: split.node, job: setNode(split.job, runId, split.node, { state: 'new', play }) }
}

/** The leg with so much of one end's length given to new pipe, which a slip coupling joins to it. */
function withNewPipe(
  system: System,
  ids: Ids,
  {
    node,
    leg,
    length,
    gap,
  }: { readonly node: string; readonly leg: Leg; readonly length: number; readonly gap: number },
): System | null {
  if (leg.length !== null && leg.length <= length) return null
  const slip: Node = { id: ids('n', system.nodes), run: leg.run, kind: 'slip-coupling', gap }
  const starts = leg.from === node
  const fresh: Leg = {
    id: ids('l', system.legs),
    run: leg.run,
    from: starts ? node : slip.id,
    to: starts ? slip.id : node,
    direction: leg.direction,
    length,
    ...(leg.pipe ? { pipe: leg.pipe } : {}),
  }
  const rest: Leg = {
    ...leg,
    [starts ? 'from' : 'to']: slip.id,
    length: leg.length === null ? null : leg.length - length,
  }
  return {
    ...system,
    nodes: [...system.nodes, slip],
    legs: system.legs.flatMap((of) => (of === leg ? (starts ? [fresh, rest] : [rest, fresh]) : [of])),
  }
}

/**
 * The job with new pipe and slip couplings beside a fitting that stands between two held ends of existing pipe: as many
 * as `cutIn` says, with its piece and its gap. It then needs no play.
 *
 * @param slipLength whole length of the slip coupling, in mm; typical, where it was not measured
 * @throws RangeError where the fitting is not held at both ends, a figure is missing, or there is no room
 * @remarks for instance: a 22 soldered tee with a coupling of 46: two new pieces of 67 mm, 5 open under either coupling
 */
export function putNewPipeIn(
  catalogue: Catalogue,
  job: Job,
  ids: Ids,
  {
    runId,
    nodeId,
    slipLength,
  }: { readonly runId: string; readonly nodeId: string; readonly slipLength?: number | undefined },
): Job {
  return withSystem(job, runId, (system) => {
    const layout = layOut(system)
    const held = existingEnds(layout).filter(({ node }) => node.id === nodeId)
    if (held.length !== 2) throw refuse('held')
    const ends = held.map(({ leg }) => ({
      leg,
      ...pieceEnd({ catalogue, layout }, nodeId, leg),
    }))
    const [first] = ends
    if (!first?.takeOff || !first.insertion) throw refuse('figures')
    const { makeUpPiece } = cutIn({
      takeOff: first.takeOff,
      insertion: first.insertion,
      slipLength: slipLength ?? typicalSlipLength(first.insertion.mm),
      play: 0,
    })
    // The longer of the two gives it, or both do.
    const room = ({ leg }: { leg: Leg }) => leg.length ?? Infinity
    const giving = ends.toSorted((a, b) => room(b) - room(a)).slice(0, makeUpPiece!.couplings)
    return giving.reduce((drawn, { leg, takeOff }) => {
      const { piece, gap } = makeUpPiece!
      const longer = withNewPipe(drawn, ids, { node: nodeId, leg, length: takeOff!.mm + piece + gap / 2, gap })
      if (!longer) throw refuse('room')
      return longer
    }, system)
  })
}

import { thousandths } from '../../quantity/thousandths'
import type { Ids } from '../ids'
import { turnedAbout } from '../../quantity/vector'
import { offset } from '../../bend/offset'
import { addLeg, setKind } from '../edit-run'
import type { Direction, Job, NodeKind } from '../../job/job'
import { turnTowards, directionOf } from '../../run/turning'
import { fixed } from '../../quantity/words/sentence'
import { refusalsOf } from '../../quantity/words/refusal'
import { oppositeDirection, unitVector } from '../../job/direction'
import { systemOf } from '../../job/system'

const refuse = refusalsOf({
  id: 'add-offset',
  messages: {
    from: fixed('From: pipe must arrive here; draw a leg first'),
    after: fixed('Straight on after: more than nought'),
  },
})

/** An offset as it is said: how far aside, at what angle, rolled how far. */
export interface OffsetEntry {
  /** mm, above 0: the true set. */
  readonly set: number
  /** Of both turns: above 0, at most 90 degrees. */
  readonly angle: number
  /** Where to: square to the pipe. */
  readonly towards: Direction
  /** Degrees from `towards` about the pipe, right-handed. */
  readonly roll: number
  /** Straight on after it, in mm, above 0. */
  readonly after: number
  /** What stands at its two corners. */
  readonly corner: Extract<NodeKind, 'elbow' | 'bend'>
  readonly radius?: number
}

/** Which way the pipe arrives at a node; null where none does. */
export function arrivingAt(job: Job, runId: string, node: string): Direction | null {
  const legs = systemOf(job, runId)?.legs ?? []
  const leg = legs.find(({ to }) => to === node)
  if (leg) return leg.direction
  const away = legs.find(({ from }) => from === node)
  return away ? oppositeDirection(away.direction) : null
}

/**
 * The job with an offset going on from a node: a leg at the angle, set / sin t long, and one straight on beside the
 * old line.
 *
 * @throws RangeError when no pipe arrives at the node, `towards` is not square to it, or the angle or set is no offset
 * @remarks for instance: arriving east, set 100 at 45° up, 500 on: legs of 141.42 at pitch 45 and of 500 east
 */
export function addOffset(
  job: Job,
  ids: Ids,
  { run, node }: { readonly run: string; readonly node: string },
  entry: OffsetEntry,
): { job: Job; node: string } {
  const arriving = arrivingAt(job, run, node)
  if (!arriving) throw refuse('from')
  if (!(entry.after > 0)) throw refuse('after')
  const { travel } = offset(entry.set, entry.angle)
  const aside = directionOf(turnedAbout(unitVector(entry.towards), unitVector(arriving), entry.roll))
  const slant = addLeg(job, ids, run, {
    from: node,
    direction: turnTowards(arriving, aside, entry.angle),
    length: thousandths(travel),
  })
  const on = addLeg(slant.job, ids, run, { from: slant.node, direction: arriving, length: entry.after })
  const corner = { kind: entry.corner, ...(entry.corner === 'bend' && entry.radius ? { radius: entry.radius } : {}) }
  const first = systemOf(job, run)?.nodes.find(({ id }) => id === node)
  // A tee or another fitting that pipe goes on from stays what it is.
  const cornered = first && (first.kind === 'open' || first.kind === 'cap' || first.kind === 'outlet')
  const withFirst = cornered ? setKind(on.job, run, node, corner) : on.job
  return { job: setKind(withFirst, run, slant.node, corner), node: on.node }
}

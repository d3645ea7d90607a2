import { radians } from '../quantity/angle'
import { markFromStart, pullTo, type Bender } from './bender'
import { bendingOrder, type BendingOrder } from './bending-order'
import { blankOf, roomOf } from './blank'
import { markTube, type Tube } from './tube'

/** One bend as it is marked and pulled. */
export interface BendMark {
  /** Counted from the tube's first end, 0 the first. */
  readonly bend: number
  readonly hold: 'first end' | 'second end'
  /** Where the bender's mark goes, in mm from the first end of the tube as cut. */
  readonly mark: number
  readonly start: number
  readonly middle: number
  readonly end: number
  readonly angle: number
  /** To what the bender is pulled, spring-back included. */
  readonly pull: number
  /** Where the inside of this bend lies round the tube, clockwise seen from the first end, from the first bend's: degrees. */
  readonly round: number
  /** The same along the pipe's outside, in mm. */
  readonly roundAlong: number
}

export interface BendSheet {
  /** Length of the finished piece, and of the tube to cut for it. */
  readonly length: number
  readonly blank: number
  /** Cut off at either end once it is bent. */
  readonly trim: { readonly first: number; readonly last: number }
  readonly order: BendingOrder
  /** Room that the tube takes below the bending plane at its worst, in mm; 0 where it stays in the plane. */
  readonly below: number
  /** In the order of bending; along the tube where there is none. */
  readonly marks: readonly BendMark[]
}

const within = (degrees: number): number => ((((degrees + 180) % 360) + 360) % 360) - 180

/**
 * Everything the hands need to bend a tube: all marks from one end, where to hold, how far to pull, how the tube is
 * turned between bends.
 *
 * @param bender without one, marks are at the start of the bend and nothing is known of grip or spring-back
 */
export function bendSheet(tube: Tube, bender: Bender | null, od: number): BendSheet {
  const room = roomOf(bender, od)
  const { finished, trim } = blankOf(tube, bender, od)
  const onBlank = markTube({
    ...tube,
    legs: tube.legs.map(
      (leg, index) => leg + (index === 0 ? trim.first : 0) + (index === tube.legs.length - 1 ? trim.last : 0),
    ),
  })
  const order = bendingOrder(onBlank, room)
  let turned = 0
  const rounds = tube.bends.map(({ turn }) => (turned = within(turned + turn)))
  const along = onBlank.bends.map((_, bend) => ({ bend, hold: 'first end' as const }))
  const marks = (order.ok ? order.steps : along).map(({ bend, hold }): BendMark => {
    const { start, middle, end, angle } = onBlank.bends[bend]!
    const from = bender ? markFromStart(bender, angle, hold === 'first end' ? 'forwards' : 'backwards') : 0
    const round = rounds[bend] === -180 ? 180 : rounds[bend]!
    return {
      bend,
      hold,
      mark: hold === 'first end' ? start + from : end - from,
      start,
      middle,
      end,
      angle,
      pull: bender ? pullTo(bender, angle) : angle,
      round,
      roundAlong: (radians(Math.abs(round)) * od) / 2,
    }
  })
  const below = order.ok ? Math.max(0, ...order.steps.map((step) => step.below)) : 0
  return { length: finished.length, blank: onBlank.length, trim, order, below, marks }
}

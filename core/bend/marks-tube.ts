import { fixed, sentence } from '../quantity/words/sentence'
import { refusalsOf } from '../quantity/words/refusal'
import { bendLengths } from './geometry'
import type { Tube } from './tube'

const refuse = refusalsOf({
  id: 'marked-tube',
  messages: {
    none: fixed('Marks: at least one'),
    overlap: sentence(
      { bend: 2, short: 12 },
      ({ bend, short }, say) => `Mark ${bend}: ${say.atLeast(short)} too near the bend before it`,
    ),
    first: sentence({ short: 8 }, ({ short }, say) => `Mark 1: ${say.atLeast(short)} before the tube’s end`),
    last: sentence({ short: 8 }, ({ short }, say) => `Last mark: its bend ends ${say.atLeast(short)} beyond the tube`),
  },
})

/** A bend that was marked on a straight tube. */
export interface BendMark {
  /** Where the bend starts, in mm from the first end. */
  readonly at: number
  /** Degrees, above 0 and below 180. */
  readonly angle: number
  /** Turn of the tube about its own length since the bend before, in degrees. */
  readonly turn: number
}

/**
 * What a straight tube with marks becomes: the tube of which these are the marks.
 *
 * @param length of the straight tube, in mm
 * @param marks in order from the first end
 * @throws RangeError where bends run into each other or over an end, saying by how much
 * @remarks for instance: 862.2 long, one 90 of 88 marked at 412: legs 500 and 400
 */
export function markedTube(length: number, marks: readonly BendMark[], radius: number): Tube {
  if (marks.length === 0) throw refuse('none')
  if (marks[0]!.at < 0) throw refuse('first', { short: -marks[0]!.at })
  let [end, setBackBefore] = [0, 0]
  const legs = marks.map(({ at, angle }, index) => {
    const { setBack, arc } = bendLengths(radius, angle)
    if (at < end) throw refuse('overlap', { bend: index + 1, short: end - at })
    const leg = setBackBefore + (at - end) + setBack
    ;[end, setBackBefore] = [at + arc, setBack]
    return leg
  })
  if (end > length) throw refuse('last', { short: end - length })
  return {
    legs: [...legs, setBackBefore + (length - end)],
    bends: marks.map(({ angle, turn }, index) => ({ angle, radius, turn: index === 0 ? 0 : turn })),
  }
}

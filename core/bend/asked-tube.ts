import { fixed } from '../quantity/words/sentence'
import { Refusal, refusalsOf } from '../quantity/words/refusal'
import { markedTube, type BendMark } from './marks-tube'
import { crossoverFour, crossoverThree, offsetTube, twoNineties } from './offset'
import { bendRoom, bendRoomProblem } from './room'
import { markTube, type Tube } from './tube'

/** What can be asked to be bent: a shape by its figures, or what a marked tube becomes. */
export const askedShapes = ['bend', 'offset', 'u', 's', 'three', 'four', 'marks'] as const
export type AskedShape = (typeof askedShapes)[number]

/** A shape's figures, in mm and degrees; each shape uses its own. */
export interface AskedTube {
  readonly kind: AskedShape
  readonly angle: number
  readonly set: number
  readonly roll: number
  readonly before: number
  readonly across: number
  readonly after: number
  /** The straight tube and its marks. */
  readonly length: number
  readonly marks: readonly BendMark[]
}

const refuse = refusalsOf({ id: 'asked-tube', messages: { nothing: fixed('Length: more than nought') } })

function tubeOf({ kind, angle, set, roll, before, across, after, length, marks }: AskedTube, radius: number): Tube {
  switch (kind) {
    case 'bend':
      return { legs: [before, after], bends: [{ angle, radius, turn: 0 }] }
    case 'offset':
      return offsetTube(Math.hypot(set, roll), angle, radius, { before, after })
    case 'u':
    case 's':
      return twoNineties(across, radius, { before, after }, kind)
    case 'three':
      return crossoverThree(set, angle, radius, { before, after })
    case 'four':
      return crossoverFour(set, angle, radius, { across, before, after })
    case 'marks':
      return markedTube(length, marks, radius)
  }
}

/**
 * The tube that was asked for.
 *
 * @param radius of every bend at its centre line, in mm
 * @throws RangeError where its bends have no room between each other and the ends, saying how much is missing
 * @remarks for instance: { kind: 'offset', set: 50, angle: 45, before: 300, after: 300 } at 60: legs 300, 70.7, 300
 */
export function askedTube(asked: AskedTube, radius: number): Tube {
  if (asked.kind === 'marks' && !(asked.length > 0)) throw refuse('nothing')
  const tube = tubeOf(asked, radius)
  const problem = bendRoomProblem(markTube(tube))
  if (problem) throw new Refusal(bendRoom, problem)
  return tube
}

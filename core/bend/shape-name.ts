import { radians } from '../quantity/angle'
import { fixed, messagesOf, sentence } from '../quantity/words/sentence'
import type { Message } from '../quantity/words/message'
import type { Tube } from './tube'

/** What people call a bent tube. */
export const shapeSentences = {
  id: 'shape',
  messages: {
    straight: fixed('straight'),
    one: sentence({ angle: 45 }, ({ angle }) => `one bend of ${degrees(angle)}`),
    u: sentence({ across: 120 }, ({ across }, say) => `a U of two 90s, ${say.length(across)} centre to centre`),
    s: sentence({ across: 200 }, ({ across }, say) => `an S of two 90s, set ${say.length(across)}`),
    offset: sentence(
      { set: 50, angle: 45 },
      ({ set, angle }, say) => `an offset of ${say.length(set)} at ${degrees(angle)}`,
    ),
    crossover: sentence({ bends: 3 }, ({ bends }) => `a crossover of ${bends} bends`),
    other: sentence({ bends: 3 }, ({ bends }) => `a tube of ${bends} bends`),
  },
} as const
const shape = messagesOf(shapeSentences)

const degrees = (angle: number): string => `${Math.round(angle * 10) / 10}°`
/** Angles within half a degree are the same to the hand. */
const near = (a: number, b: number): boolean => Math.abs(a - b) < 0.5
const isOpposite = (turn: number): boolean => near(Math.abs(turn), 180)

/**
 * The name of a tube's shape.
 *
 * @remarks for instance: two 90s turned the same way: a U; turned back: an S; two 45s turned back: an offset
 */
export function shapeName({ legs, bends }: Tube): Message {
  const [first, second] = bends
  if (!first) return shape('straight')
  if (!second) return shape('one', { angle: first.angle })
  const turnsBack = bends.slice(1).map(({ turn }) => isOpposite(turn))
  if (bends.length === 2 && near(first.angle, second.angle)) {
    const isSquare = near(first.angle, 90)
    if (isSquare && near(second.turn, 0)) return shape('u', { across: legs[1]! })
    if (isSquare && turnsBack[0]) return shape('s', { across: legs[1]! })
    const set = legs[1]! * Math.sin(radians(first.angle))
    if (turnsBack[0]) return shape('offset', { set, angle: first.angle })
  }
  const [third, fourth] = bends.slice(2)
  const isThree = bends.length === 3 && turnsBack.every(Boolean) && near(second.angle, first.angle + third!.angle)
  const isFour =
    bends.length === 4 &&
    turnsBack[0] &&
    near(third!.turn, 0) &&
    turnsBack[2] &&
    near(first.angle + third!.angle, second.angle + fourth!.angle)
  return isThree || isFour ? shape('crossover', { bends: bends.length }) : shape('other', { bends: bends.length })
}

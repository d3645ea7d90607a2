import type { Direction } from '../../job/job'
import type { Wall } from '../../job/kinds'
import { messagesOf, sentence } from '../../quantity/words/sentence'
import type { Message } from '../../quantity/words/message'
import { dot } from '../../quantity/vector'
import { directionWords } from '../../run/direction-words'
import { directionOf } from '../../run/turning'
import type { Part, PortRef } from './part'
import type { PlanJoint } from '../planned'

/** Within about a degree of the pipe's own line an end looks along it: turning the fitting does not move it. */
const alongPipe = 0.9998

const allWords = (directions: readonly Direction[], wall: Wall | undefined): string =>
  directions.map((direction) => directionWords(direction, wall)).join(' and ')

export const facingSentences = {
  id: 'facing',
  messages: {
    looks: sentence(
      { directions: ['north', { bearing: 90, pitch: 45 }] as Direction[], wall: undefined as Wall | undefined },
      ({ directions, wall }) =>
        `When made, its other ${directions.length > 1 ? 'ends look' : 'end looks'} ${allWords(directions, wall)}`,
    ),
    each: sentence(
      {
        looks: [{ fitting: '22 solder elbow 90', directions: ['north'] as Direction[] }],
        wall: 'north' as Wall | undefined,
      },
      ({ looks, wall }, say) =>
        `When made, ${looks.map(({ fitting, directions }) => `the ${say.trade(fitting)} looks ${allWords(directions, wall)}`).join(', ')}`,
    ),
  },
} as const
const say = messagesOf(facingSentences)

type Parts = ReadonlyMap<string, Part>

/** Where the ends of a part look that turning it about one of its ports would move. */
function aside(parts: Parts, { part, port }: PortRef): Direction[] {
  const ports = parts.get(part)?.ports ?? []
  const out = ports[port]?.out
  if (!out) return []
  return ports.flatMap((other) =>
    other.out && Math.abs(dot(other.out, out)) < alongPipe ? [directionOf(other.out)] : [],
  )
}

/**
 * Which way a joint's fitting looks once it stands, where turning it about the pipe would make a difference: an elbow's
 * other end, a tee's branch. Of two fittings one in the other each is told.
 *
 * @param wall that one faces, by whose left and right ways are said; by the compass where nothing is said
 * @returns null where the fitting is straight, or where nothing says which way it looks
 * @remarks for instance: a pipe that comes from the west into an elbow from which pipe goes up: 'up'
 */
export function facing(
  parts: Parts,
  { between, inner }: Pick<PlanJoint, 'between' | 'inner'>,
  wall?: Wall,
): Message | null {
  if (!inner) {
    const directions = aside(parts, between[0])
    return directions.length > 0 ? say('looks', { directions, wall }) : null
  }
  const looks = between.flatMap((at) => {
    const directions = aside(parts, at)
    return directions.length > 0 ? [{ fitting: parts.get(at.part)!.label, directions }] : []
  })
  return looks.length > 0 ? say('each', { looks, wall }) : null
}

import type { Direction } from '../../job/job'
import { messagesOf, sentence } from '../../quantity/words/sentence'
import type { Message } from '../../quantity/words/message'
import { dot } from '../../quantity/vector'
import { directionWords } from '../../run/direction-words'
import { directionOf } from '../../run/turning'
import type { Part, PortRef } from './part'
import type { PlanJoint } from '../planned'

/** Within about a degree of the pipe's own line an end looks along it: turning the fitting does not move it. */
const alongPipe = 0.9998

export const facingSentences = {
  id: 'facing',
  messages: {
    looks: sentence(
      { directions: ['north', { bearing: 90, pitch: 45 }] as Direction[] },
      ({ directions }) =>
        `When made, its other ${directions.length > 1 ? 'ends look' : 'end looks'} ${directions.map(directionWords).join(' and ')}`,
    ),
    each: sentence(
      { looks: [{ fitting: '22 solder elbow 90', directions: ['north'] as Direction[] }] },
      ({ looks }, say) =>
        `When made, ${looks.map(({ fitting, directions }) => `the ${say.trade(fitting)} looks ${directions.map(directionWords).join(' and ')}`).join(', ')}`,
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
 * @returns null where the fitting is straight, or where nothing says which way it looks
 * @remarks for instance: a pipe that comes from the west into an elbow from which pipe goes up: 'up'
 */
export function facing(parts: Parts, { between, inner }: Pick<PlanJoint, 'between' | 'inner'>): Message | null {
  if (!inner) {
    const directions = aside(parts, between[0])
    return directions.length > 0 ? say('looks', { directions }) : null
  }
  const looks = between.flatMap((at) => {
    const directions = aside(parts, at)
    return directions.length > 0 ? [{ fitting: parts.get(at.part)!.label, directions }] : []
  })
  return looks.length > 0 ? say('each', { looks }) : null
}

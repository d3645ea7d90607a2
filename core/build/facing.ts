import type { Direction } from '../job/job'
import { messagesOf, sentence, type Message } from '../quantity/message'
import { dot } from '../quantity/vector'
import { directionWords } from '../run/direction-words'
import { directionOf } from '../run/turning'
import type { Part } from './part'
import type { PlanJoint } from './planned'

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
  },
} as const
const say = messagesOf(facingSentences)

/**
 * Which way a joint's fitting looks once it stands, where turning it about the pipe would make a difference: an elbow's
 * other end, a tee's branch.
 *
 * @returns null where the fitting is straight, or where nothing says which way it looks
 * @remarks for instance: a pipe that comes from the west into an elbow from which pipe goes up: 'up'
 */
export function facing(
  parts: ReadonlyMap<string, Part>,
  { between: [at] }: Pick<PlanJoint, 'between'>,
): Message | null {
  const ports = parts.get(at.part)?.ports ?? []
  const out = ports[at.port]?.out
  if (!out) return null
  const aside = ports.flatMap((port) => (port.out && Math.abs(dot(port.out, out)) < alongPipe ? [port.out] : []))
  return aside.length > 0 ? say('looks', { directions: aside.map(directionOf) }) : null
}

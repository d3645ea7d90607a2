import type { Figure } from '../quantity/basis'
import type { PartEnd, PartFitting } from './part'
import type { Socket } from './socket'
import { takeOffRows } from './tables/take-offs'

const key = (method: string, kind: PartFitting, size: string, end: PartEnd): string =>
  `${method}|${kind}|${size}|${end}`

const shipped: ReadonlyMap<string, Figure> = new Map(
  takeOffRows.map(([method, kind, size, end, mm, tolerance, basis]) => [
    key(method, kind, size, end),
    { mm, tolerance, basis },
  ]),
)

/**
 * A fitting's take-off (z) as shipped: from its centre to where the pipe stops, in mm.
 *
 * @param socket the end of the fitting that the pipe goes into
 * @returns null where the catalogue has no figure: it must be measured, never guessed
 * @example shippedTakeOff(solder22, 'elbow-90', 'either')?.mm // 14.6
 */
export function shippedTakeOff(
  socket: Pick<Socket, 'method' | 'size'>,
  kind: PartFitting,
  end: PartEnd,
): Figure | null {
  return shipped.get(key(socket.method, kind, socket.size, end)) ?? null
}

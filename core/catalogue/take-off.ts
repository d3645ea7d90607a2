import type { Figure } from '../quantity/basis'
import type { PartEnd, PartFitting } from './part-key'
import type { Socket } from './socket'
import { estimatedTakeOff } from './part-length'
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
 * @returns its row in the table, or else what its size and method tell of it; null where the method makes no such fitting
 * @example shippedTakeOff(solder22, 'elbow-90', 'either')?.mm // 14.6
 * @example shippedTakeOff(solder22, 'union', 'either') // { mm: 14.6, tolerance: 5, basis: 'typical' }
 */
export function shippedTakeOff(socket: Socket, kind: PartFitting, end: PartEnd): Figure | null {
  return shipped.get(key(socket.method, kind, socket.size, end)) ?? estimatedTakeOff(socket, kind, end)
}

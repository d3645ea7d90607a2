import type { Figure } from '../quantity/basis'
import type { MethodId } from './method'
import { takeOffRows, type FittingEnd, type FittingKind } from './tables/take-offs'

export type { FittingEnd, FittingKind }

const key = (method: MethodId, kind: FittingKind, size: string, end: FittingEnd): string =>
  `${method}|${kind}|${size}|${end}`

const shipped: ReadonlyMap<string, Figure> = new Map(
  takeOffRows.map(([method, kind, size, end, mm, tolerance, basis]) => [
    key(method, kind, size, end),
    { mm, tolerance, basis },
  ]),
)

/**
 * A fitting's take-off (z): from its centre to where the pipe stops, in mm.
 *
 * @param size the size of the socket, as its catalogue row writes it (`22`, `3/4`)
 * @returns null where the catalogue has no figure: it must be measured, never guessed
 * @example takeOff('solder', 'elbow-90', '22', 'either')?.mm // 14.6
 */
export function takeOff(method: MethodId, kind: FittingKind, size: string, end: FittingEnd): Figure | null {
  return shipped.get(key(method, kind, size, end)) ?? null
}

import { segmentDistance } from '../bend/segment-distance'
import type { Vector } from '../quantity/vector'
import type { Drawing, Point } from './drawing'

const flat = ([x, y]: Point): Vector => [x, y, 0]

/**
 * A place for a sign beside the drawing: the first of those given that no leg and nothing written comes near, else the one from which all are
 * farthest.
 *
 * @param room how near, in the units of the drawing
 * @param written the middles of figures, each taken to be as wide as the room
 * @remarks for instance: a run that begins in the lower left corner: the next corner
 */
export function clearCorner(
  { legs }: Pick<Drawing, 'legs'>,
  corners: readonly Point[],
  room: number,
  written: readonly Point[] = [],
): Point {
  const clearOf = (corner: Point): number =>
    Math.min(
      ...legs.map(({ from, to }) => segmentDistance([flat(corner), flat(corner)], [flat(from), flat(to)])),
      ...written.map(([x, y]) => Math.hypot(Math.max(0, Math.abs(x - corner[0]) - room / 2), y - corner[1])),
    )
  const clear = corners.map((corner) => ({ corner, by: clearOf(corner) }))
  const found = clear.find(({ by }) => by >= room) ?? clear.toSorted((a, b) => b.by - a.by)[0]
  return found!.corner
}

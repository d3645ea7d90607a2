import type { NodeKind } from '../job/job'
import { isRunEnd } from '../job/node-legs'
import type { DrawnLeg, Drawing, Point } from './drawing'

/** Where a leg's dimension is written, in mm of the drawing. */
export interface Dimension {
  readonly leg: string
  readonly at: Point
}

/** The ends of a run have their height written beside them. */
export const hasHeight = (kind: NodeKind): boolean => isRunEnd(kind) || kind === 'tie-in'

/** Half the width and height of a written dimension, in letter heights. */
const half = { width: 2.6, height: 0.75 }
const alongLeg = [0.5, 0.35, 0.65, 0.25, 0.75]
const besideLeg = [0, -1.4, 1.4, -2.8, 2.8]

const overlap = (a: Point, b: Point, letter: number): boolean =>
  Math.abs(a[0] - b[0]) < 2 * half.width * letter && Math.abs(a[1] - b[1]) < 2 * half.height * letter

function placesFor({ from, to }: DrawnLeg, letter: number): Point[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(dx, dy) || 1
  return besideLeg.flatMap((side) =>
    alongLeg.map((share): Point => {
      const aside = side * letter
      // Upright pipe has its dimension to the side, where letters need more room.
      const wide = Math.abs(dy) / length > 0.9 ? 2 : 1
      return [from[0] + dx * share - (dy / length) * aside * wide, from[1] + dy * share + (dx / length) * aside]
    }),
  )
}

/**
 * Where the dimensions stand so that none covers another: each takes the first free place along or beside its leg,
 * longest legs last, as they have the most room; heights stand first. Where there is no free place, the leg's middle.
 *
 * @param letter height of the letters in mm of the drawing
 */
export function placeDimensions({ legs, nodes }: Drawing, letter: number): Dimension[] {
  const size = ({ from, to }: DrawnLeg) => Math.hypot(to[0] - from[0], to[1] - from[1])
  const third = letter / 3
  const taken: Point[] = nodes
    .filter(({ kind }) => hasHeight(kind))
    .map(({ at: [x, y] }) => [x + 5 * third, y - 3 * third])
  return [...legs]
    .sort((a, b) => size(a) - size(b))
    .map((leg) => {
      const at =
        placesFor(leg, letter).find((place) => taken.every((other) => !overlap(place, other, letter))) ?? leg.middle
      taken.push(at)
      return { leg: leg.id, at }
    })
}

import type { NodeKind } from '../job/job'
import { isRunEnd } from '../job/node-legs'
import type { DrawnLeg, Drawing, Point } from './drawing'

/** Where a leg's dimension is written, in mm of the drawing. */
export interface Dimension {
  readonly leg: string
  readonly at: Point
}

/** The ends of a run have their height written beside them. */
const hasHeight = (kind: NodeKind): boolean => isRunEnd(kind) || kind === 'tie-in'

/** Half the width and height of a written dimension, in letter heights. */
const half = { width: 2.6, height: 0.75 }
const alongLeg = [0.5, 0.35, 0.65, 0.2, 0.8]
const besideLeg = [-1.4, 1.4, -2.8, 2.8, -4.2, 4.2]

/** Cells to a row of keys: more than a drawing is ever wide, in letters. */
const row = 2 ** 24
const about = [0, -1, 1, -row, row, -row - 1, -row + 1, row - 1, row + 1]

/** Which places are taken, by cells as large as a written dimension: a place overlaps only what is in the cells about its own. */
class TakenPlaces {
  private readonly written = new Map<number, Point[]>()
  private readonly drawn = new Map<number, Point[]>()
  private readonly width: number
  private readonly height: number

  constructor(letter: number) {
    this.width = 2 * half.width * letter
    this.height = 2 * half.height * letter
  }

  private cellOf([x, y]: Point): number {
    return Math.floor(x / this.width) + row * Math.floor(y / this.height)
  }

  private isNear(of: Map<number, Point[]>, place: Point, wide: number, high: number): boolean {
    const cell = this.cellOf(place)
    for (const by of about)
      for (const [x, y] of of.get(cell + by) ?? [])
        if (Math.abs(x - place[0]) < wide && Math.abs(y - place[1]) < high) return true
    return false
  }

  /** Whether what is written there covers nothing else that is written, and no pipe or fitting. */
  isFree(place: Point): boolean {
    return (
      !this.isNear(this.written, place, this.width, this.height) &&
      !this.isNear(this.drawn, place, this.width / 2, this.height / 2)
    )
  }

  private put(into: Map<number, Point[]>, place: Point): void {
    const cell = this.cellOf(place)
    const there = into.get(cell)
    if (there) there.push(place)
    else into.set(cell, [place])
  }

  take(place: Point): void {
    this.put(this.written, place)
  }

  /** Takes the places along a line, so near each other that nothing written fits between. */
  takeLine(from: Point, to: Point): void {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
    const steps = Math.max(1, Math.ceil(Math.hypot(dx, dy) / (this.height / 2)))
    for (let at = 0; at <= steps; at += 1)
      this.put(this.drawn, [from[0] + (dx * at) / steps, from[1] + (dy * at) / steps])
  }
}

/** The first free place beside a leg; null where none is. */
function freePlace({ from, to }: DrawnLeg, letter: number, taken: TakenPlaces): Point | null {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(dx, dy) || 1
  // Upright pipe has its dimension to the side, where letters need more room.
  const wide = Math.abs(dy) / length > 0.9 ? 2 : 1
  for (const side of besideLeg) {
    const [right, down] = [(-dy / length) * side * letter * wide, (dx / length) * side * letter]
    for (const share of alongLeg) {
      const place: Point = [from[0] + dx * share + right, from[1] + dy * share + down]
      if (taken.isFree(place)) return place
    }
  }
  return null
}

/** To the right of a node, above and below it, then farther: in thirds of a letter from its centre. */
const besideNode: readonly Point[] = [
  [5, -3],
  [5, 3],
  [5, -8],
  [5, 8],
]

/**
 * Where the heights of a run's ends stand, from each end in thirds of a letter, so that none covers another: the first
 * free place about its end. One that finds none, or that nobody knows, is left out.
 *
 * @param letter height of the letters in mm of the drawing
 */
export function placeHeights({ nodes }: Drawing, letter: number): ReadonlyMap<string, Point> {
  const third = letter / 3
  const taken = new TakenPlaces(letter)
  return new Map(
    nodes
      .filter(({ kind, height }) => hasHeight(kind) && height !== null)
      .flatMap(({ id, at }) => {
        const placeOf = ([x, y]: Point): Point => [at[0] + x * third, at[1] + y * third]
        const beside = besideNode.find((place) => taken.isFree(placeOf(place)))
        if (!beside) return []
        taken.take(placeOf(beside))
        return [[id, beside] as const]
      }),
  )
}

/**
 * Where the dimensions stand so that none covers another, or a pipe: each takes the first free place beside its leg,
 * longest legs last, as they have the most room; heights stand first. A dimension that finds no free place is left out:
 * there is room for it when the drawing is looked at more closely.
 *
 * @param letter height of the letters in mm of the drawing
 */
export function placeDimensions(drawing: Drawing, letter: number): Dimension[] {
  const { legs, nodes } = drawing
  const size = ({ from, to }: DrawnLeg) => Math.hypot(to[0] - from[0], to[1] - from[1])
  const third = letter / 3
  const taken = new TakenPlaces(letter)
  const heights = placeHeights(drawing, letter)
  for (const { from, to } of legs) taken.takeLine(from, to)
  for (const { id, at } of nodes) {
    const beside = heights.get(id)
    if (beside) taken.take([at[0] + beside[0] * third, at[1] + beside[1] * third])
  }
  return legs
    .filter(({ isBroken }) => !isBroken)
    .sort((a, b) => size(a) - size(b))
    .flatMap((leg) => {
      const at = freePlace(leg, letter, taken)
      if (!at) return []
      taken.take(at)
      return [{ leg: leg.id, at }]
    })
}

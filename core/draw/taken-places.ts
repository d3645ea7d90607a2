import type { DrawnLeg, Drawing, Point } from './drawing'

/** Half the width and height of a written dimension, in letter heights. */
export const half = { width: 2.6, height: 0.75 }

/** Cells to a row of keys: more than a drawing is ever wide, in letters. */
const row = 2 ** 24

/** Half the width and height of what is written, in letter heights; no wider or higher than a dimension. */
export interface Half {
  readonly width: number
  readonly height: number
}

interface Mark {
  readonly at: Point
  /** The leg that it lies on; nothing for a fitting. */
  readonly leg?: string
  /** Of what is written. */
  readonly half?: Half
}

/** How far apart two places are. */
export const distance = (one: Point, other: Point): number => Math.hypot(one[0] - other[0], one[1] - other[1])

/** Which places are taken, by cells as large as a written dimension: a place overlaps only what is in the cells about its own. */
export class TakenPlaces {
  private readonly written = new Map<number, Mark[]>()
  private readonly drawn = new Map<number, Mark[]>()
  private readonly width: number
  private readonly height: number

  constructor(
    private readonly letter: number,
    /** What is seen: nothing is written beyond it. */
    private readonly box: Drawing['box'],
  ) {
    this.width = 2 * half.width * letter
    this.height = 2 * half.height * letter
  }

  private cellOf([x, y]: Point): number {
    return Math.floor(x / this.width) + row * Math.floor(y / this.height)
  }

  /** What lies in the cells about a place, so many of them to either side. */
  private *about(of: Map<number, Mark[]>, place: Point, across: number, down: number): Generator<Mark> {
    const cell = this.cellOf(place)
    for (let y = -down; y <= down; y += 1)
      for (let x = -across; x <= across; x += 1) yield* of.get(cell + x + y * row) ?? []
  }

  private isNear(of: Map<number, Mark[]>, place: Point, own: Half): boolean {
    for (const { at, half: other } of this.about(of, place, 1, 1)) {
      const wide = (own.width + (other?.width ?? 0)) * this.letter
      const high = (own.height + (other?.height ?? 0)) * this.letter
      if (Math.abs(at[0] - place[0]) < wide && Math.abs(at[1] - place[1]) < high) return true
    }
    return false
  }

  /** Whether what is written there covers nothing else that is written, and no pipe or fitting. */
  isFree(place: Point, own: Half = half): boolean {
    const [left, top, across, down] = this.box
    const [x, y] = place
    const high = own.height * this.letter
    if (x < left || x > left + across || y < top + high || y > top + down - high) return false
    return !this.isNear(this.written, place, own) && !this.isNear(this.drawn, place, own)
  }

  /** Whether some other leg lies nearer than this one, which is so far off. */
  isNearerToOther(place: Point, leg: string, far: number): boolean {
    for (const mark of this.about(this.drawn, place, Math.ceil(far / this.width), Math.ceil(far / this.height)))
      if (mark.leg !== undefined && mark.leg !== leg && distance(mark.at, place) < far) return true
    return false
  }

  private put(into: Map<number, Mark[]>, mark: Mark): void {
    const cell = this.cellOf(mark.at)
    const there = into.get(cell)
    if (there) there.push(mark)
    else into.set(cell, [mark])
  }

  take(place: Point, own: Half = half): void {
    this.put(this.written, { at: place, half: own })
  }

  takeSymbol(place: Point): void {
    this.put(this.drawn, { at: place })
  }

  /** Takes the places along a line, so near each other that nothing written fits between. */
  takeLine({ id, from, to }: Pick<DrawnLeg, 'id' | 'from' | 'to'>): void {
    const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
    const steps = Math.max(1, Math.ceil(Math.hypot(dx, dy) / (this.height / 4)))
    for (let at = 0; at <= steps; at += 1)
      this.put(this.drawn, { at: [from[0] + (dx * at) / steps, from[1] + (dy * at) / steps], leg: id })
  }
}

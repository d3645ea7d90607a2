import type { NodeKind } from '../job/job'
import { isRunEnd } from '../job/node-legs'
import type { DrawnLeg, Drawing, Point } from './drawing'

/** Where a leg's dimension is written, in mm of the drawing. */
export interface Dimension {
  readonly leg: string
  readonly at: Point
  /** Where on its leg it points, where it stands too far off to be read as that leg's. */
  readonly leader?: Point
}

/** The ends of a run have their height written beside them. */
const hasHeight = (kind: NodeKind): boolean => isRunEnd(kind) || kind === 'tie-in'

/** Half the width and height of a written dimension, in letter heights. */
const half = { width: 2.6, height: 0.75 }
const alongLeg = [0.5, 0.35, 0.65, 0.2, 0.8]
const besideLeg = [-1.4, 1.4, -2.8, 2.8]
/** How far off, in letters, and which way a dimension is written that stands on a leader. */
const leaderReach = [5, 7.5, 10]
const leaderWays = Array.from({ length: 8 }, (_, at) => (at * Math.PI) / 4)

/** Cells to a row of keys: more than a drawing is ever wide, in letters. */
const row = 2 ** 24

/** Half the width and height of what is written, in letter heights; no wider or higher than a dimension. */
interface Half {
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

/** Which places are taken, by cells as large as a written dimension: a place overlaps only what is in the cells about its own. */
class TakenPlaces {
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

const distance = (one: Point, other: Point): number => Math.hypot(one[0] - other[0], one[1] - other[1])

/** The first free place beside a leg, nearer to it than to any other; null where none is. */
function placeBeside({ id, from, to }: DrawnLeg, letter: number, taken: TakenPlaces): Point | null {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(dx, dy) || 1
  // Upright pipe has its dimension to the side, where letters need more room.
  const wide = Math.abs(dy) / length > 0.9 ? 2 : 1
  for (const side of besideLeg) {
    const [right, down] = [(-dy / length) * side * letter * wide, (dx / length) * side * letter]
    for (const share of alongLeg) {
      const place: Point = [from[0] + dx * share + right, from[1] + dy * share + down]
      if (taken.isFree(place) && !taken.isNearerToOther(place, id, Math.hypot(right, down))) return place
    }
  }
  return null
}

/** A free place farther off, which a leader ties to the middle of its leg; null where none is. */
function placeOnLeader({ from, to }: DrawnLeg, letter: number, taken: TakenPlaces): Omit<Dimension, 'leg'> | null {
  const leader: Point = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2]
  for (const reach of leaderReach)
    for (const way of leaderWays) {
      const at: Point = [leader[0] + Math.cos(way) * reach * letter, leader[1] + Math.sin(way) * reach * letter]
      if (taken.isFree(at)) return { at, leader }
    }
  return null
}

/** To the right of a node and to its left, above and below it, then farther: in thirds of a letter from its centre. */
const besideNode: readonly Point[] = [
  [7, -3],
  [7, 3],
  [-7, -3],
  [-7, 3],
  [7, -7],
  [7, 7],
  [-7, -7],
  [-7, 7],
]

/** The places that pipe and fittings take. */
function placesTaken({ legs, nodes, box }: Drawing, letter: number): TakenPlaces {
  const taken = new TakenPlaces(letter, box)
  for (const leg of legs) taken.takeLine(leg)
  for (const { at } of nodes) taken.takeSymbol(at)
  return taken
}

/** The heights of a run's ends, each in the first free place about its end. */
function heightsIn({ nodes }: Drawing, letter: number, taken: TakenPlaces): ReadonlyMap<string, Point> {
  const third = letter / 3
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

/** About a node, in thirds of a letter: twelve ways, near and farther. */
const aboutNode: readonly Point[] = [4, 5.5, 7.5].flatMap((far) =>
  Array.from({ length: 12 }, (_, way): Point => {
    const angle = (way * Math.PI) / 6 + Math.PI / 12
    return [Math.cos(angle) * far, Math.sin(angle) * far]
  }),
)
/** Of a joint's number, in letter heights: half the width of one figure of it and the least of all, and half its height. */
const ofNumber = { figure: 0.27, least: 0.45, height: 0.5 }

/** The numbers of the joints, each in the first free place about its node. */
function numbersIn(
  { nodes }: Drawing,
  letter: number,
  numbers: ReadonlyMap<string, string>,
  taken: TakenPlaces,
): ReadonlyMap<string, Point> {
  const third = letter / 3
  return new Map(
    nodes.flatMap(({ id, at }) => {
      const words = numbers.get(id)
      if (!words) return []
      const own = {
        width: Math.min(half.width, Math.max(ofNumber.least, words.length * ofNumber.figure)),
        height: ofNumber.height,
      }
      const placeOf = ([x, y]: Point): Point => [at[0] + x * third, at[1] + y * third]
      const beside = aboutNode.find((place) => taken.isFree(placeOf(place), own))
      if (!beside) return []
      taken.take(placeOf(beside), own)
      return [[id, beside] as const]
    }),
  )
}

/** Where everything is written that is written into a drawing. */
export interface PlacedTexts {
  /** The heights of the run's ends, from each end in thirds of a letter. */
  readonly heights: ReadonlyMap<string, Point>
  readonly dimensions: readonly Dimension[]
  /** The numbers of the joints, from each node in thirds of a letter. */
  readonly numbers: ReadonlyMap<string, Point>
}

/**
 * Where heights, lengths and the numbers of joints stand so that none covers another, a pipe or a fitting. Heights come
 * first. Then each length takes the first free place beside its leg that is nearer to no other, longest legs last, as they
 * have the most room; what finds none stands farther off on a leader. What finds no place at all is left out: there is
 * room for it when the drawing is looked at more closely.
 *
 * @param letter height of the letters in mm of the drawing
 * @param jointsOf the numbers of the joints at each node
 */
export function placeTexts(
  drawing: Drawing,
  letter: number,
  jointsOf: ReadonlyMap<string, string> = new Map(),
): PlacedTexts {
  const size = ({ from, to }: DrawnLeg) => distance(from, to)
  const taken = placesTaken(drawing, letter)
  const heights = heightsIn(drawing, letter, taken)
  const dimensions = drawing.legs
    .filter(({ isBroken }) => !isBroken)
    .sort((a, b) => size(a) - size(b))
    .flatMap((leg): Dimension[] => {
      const beside = placeBeside(leg, letter, taken)
      const placed = beside ? { at: beside } : placeOnLeader(leg, letter, taken)
      if (!placed) return []
      taken.take(placed.at)
      return [{ leg: leg.id, ...placed }]
    })
  return { heights, dimensions, numbers: numbersIn(drawing, letter, jointsOf, taken) }
}

import type { DrawnLeg, Drawing, Point } from './drawing'
import { distance, TakenPlaces } from './taken-places'
import { heightsIn, namesIn, numbersIn } from './texts-about'

/** Where a leg's dimension is written, in mm of the drawing. */
export interface Dimension {
  readonly leg: string
  readonly at: Point
  /** Where on its leg it points, where it stands too far off to be read as that leg's. */
  readonly leader?: Point
}

const alongLeg = [0.5, 0.35, 0.65, 0.2, 0.8]
const besideLeg = [-1.4, 1.4, -2.8, 2.8]
/** How far off, in letters, and which way a dimension is written that stands on a leader. */
const leaderReach = [5, 7.5, 10]
const leaderWays = Array.from({ length: 8 }, (_, at) => (at * Math.PI) / 4)

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

/** The places that pipe and fittings take. */
function placesTaken({ legs, nodes, box }: Drawing, letter: number): TakenPlaces {
  const taken = new TakenPlaces(letter, box)
  for (const leg of legs) taken.takeLine(leg)
  for (const { at } of nodes) taken.takeSymbol(at)
  return taken
}

/** Where everything is written that is written into a drawing. */
export interface PlacedTexts {
  /** The heights of the run's ends, from each end in thirds of a letter. */
  readonly heights: ReadonlyMap<string, Point>
  readonly dimensions: readonly Dimension[]
  /** The numbers of the joints, from each node in thirds of a letter. */
  readonly numbers: ReadonlyMap<string, Point>
  /** What parts in line are called, likewise. */
  readonly names: ReadonlyMap<string, Point>
}

/** What is written about nodes, by the node. */
export interface WordsAbout {
  readonly jointsOf?: ReadonlyMap<string, string> | undefined
  readonly namesOf?: ReadonlyMap<string, string>
}
const none: ReadonlyMap<string, string> = new Map()

/**
 * Where heights, lengths, the numbers of joints and names stand so that none covers another, a pipe or a fitting. Heights come
 * first. Then each length takes the first free place beside its leg that is nearer to no other, longest legs last, as they
 * have the most room; what finds none stands farther off on a leader. What finds no place at all is left out: there is
 * room for it when the drawing is looked at more closely.
 *
 * @param letter height of the letters in mm of the drawing
 * @param about by node: the numbers of its joints, and what the part there is called
 */
export function placeTexts(
  drawing: Drawing,
  letter: number,
  { jointsOf = none, namesOf = none }: WordsAbout = {},
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
  const numbers = numbersIn(drawing, letter, jointsOf, taken)
  return { heights, dimensions, numbers, names: namesIn(drawing, letter, namesOf, taken) }
}

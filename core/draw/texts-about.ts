import { isRunEnd } from '../job/node-legs'
import type { NodeKind } from '../job/job'
import type { Drawing, Point } from './drawing'
import { half, type TakenPlaces } from './taken-places'

/** The ends of a run have their height written beside them. */
const hasHeight = (kind: NodeKind): boolean => isRunEnd(kind) || kind === 'tie-in'

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

/** The heights of a run's ends, each in the first free place about its end. */
export function heightsIn({ nodes }: Drawing, letter: number, taken: TakenPlaces): ReadonlyMap<string, Point> {
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
export function numbersIn(
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

/** Of a name, in letter heights: half the width of one of its letters and of the room at its ends, and half its height. */
const ofName = { letter: 0.23, ends: 0.3, height: 0.5 }

/** Where a name of this half width may stand about its node, in thirds of a letter: beside it, over and under it. */
const aboutNamed = (width: number): readonly Point[] => {
  const aside = 3 * width + 2.5
  return [0, -4, 4].flatMap((down): Point[] => [
    [aside, down],
    [-aside, down],
    [0, down === 0 ? -7 : 2 * down],
  ])
}

/** What parts are called, each in the first free place about its node. What is wider than a dimension is placed as several. */
export function namesIn({ nodes }: Drawing, letter: number, names: ReadonlyMap<string, string>, taken: TakenPlaces) {
  const third = letter / 3
  return new Map(
    nodes.flatMap(({ id, at }) => {
      const words = names.get(id)
      if (!words) return []
      const width = words.length * ofName.letter + ofName.ends
      // An odd number of them: the pipe itself often runs through the middle.
      const count = 2 * Math.ceil((width / half.width - 1) / 2) + 1
      const own = { width: width / count, height: ofName.height }
      const piecesAt = ([x, y]: Point): Point[] =>
        Array.from({ length: count }, (_, piece) => [
          at[0] + x * third + ((2 * piece + 1) * own.width - width) * letter,
          at[1] + y * third,
        ])
      const beside = aboutNamed(width).find((place) => piecesAt(place).every((piece) => taken.isFree(piece, own)))
      for (const piece of beside ? piecesAt(beside) : []) taken.take(piece, own)
      return beside ? [[id, beside] as const] : []
    }),
  )
}

import type { NodeKind } from '../job/job'
import type { Point } from './drawing'
import type { Stroke } from './shape'

/** How far a fitting's mouths stand from its middle, in thirds of a letter's height. */
export const mouth = 2.2

/** How a fitting is drawn: its kind, and which way its legs leave it. */
export interface SignOf {
  readonly kind: NodeKind
  /** Of a bend: a support holds it. */
  readonly isHeld: boolean
  /** Of length one. */
  readonly arms: readonly Point[]
  /** Of a reducer: the arm of its larger end, where that is known. */
  readonly larger?: Point
}

const body = 1.3
const origin: Point = [0, 0]
const at = ([x, y]: Point, by: number): Point => [x * by, y * by]
/** A place from along an arm and aside of it. */
const from = ([x, y]: Point, along: number, aside: number): Point => [x * along - y * aside, y * along + x * aside]
const line = (points: readonly Point[], weight: number): Stroke => ({ points, ink: 'ink', weight })
const shape = (points: readonly Point[], fill: 'paper' | 'ink' = 'paper'): Stroke => ({
  points,
  closed: true,
  fill,
  ink: 'ink',
  weight: 0.45,
})
const ring = (radius: number, weight: number): Stroke => ({
  points: [origin],
  radius,
  fill: 'paper',
  ink: 'ink',
  weight,
})
const dot: Stroke = { points: [origin], radius: 0.8, fill: 'ink', ink: 'ink', weight: 0 }
/** Where no arm shows, a fitting is drawn as if it lay to the right. */
const first = (arms: readonly Point[]): Point => arms[0] ?? [1, 0]
/** A bar across an arm. */
const bar = (arm: Point, along: number, half: number): Point[] => [from(arm, along, -half), from(arm, along, half)]

/** Sockets: the body along each arm, and a lip at each mouth. */
const sockets = (arms: readonly Point[]): Stroke[] => [
  ...arms.map((arm) => line([origin, at(arm, mouth)], body)),
  ...arms.map((arm) => line(bar(arm, mouth, 1), 0.5)),
]

/** An elbow turns round its corner instead of meeting in it. */
function elbow(arms: readonly Point[]): Stroke[] {
  const [one, other] = arms
  if (!one || !other) return [dot]
  const curve = Array.from({ length: 7 }, (_, step): Point => {
    const share = step / 6
    const [a, b] = [(1 - share) ** 2 * mouth, share ** 2 * mouth]
    return [one[0] * a + other[0] * b, one[1] * a + other[1] * b]
  })
  return [line(curve, body), ...arms.map((arm) => line(bar(arm, mouth, 1), 0.5))]
}

const inLine = (arms: readonly Point[], drawn: (arm: Point) => readonly Stroke[]): readonly Stroke[] =>
  drawn(first(arms))

const signs: Readonly<Record<NodeKind, (of: SignOf) => readonly Stroke[]>> = {
  'tie-in': () => [ring(1.3, 0.6)],
  elbow: ({ arms }) => elbow(arms),
  bend: ({ arms, isHeld }) => (isHeld ? arms.map((arm) => line(bar(arm, 1.6, 1.1), 0.5)) : []),
  coupling: ({ arms }) => inLine(arms, (arm) => sockets([at(arm, 0.7), at(arm, -0.7)])),
  'slip-coupling': ({ arms }) =>
    inLine(arms, (arm) => [
      shape([from(arm, -1.6, -0.9), from(arm, 1.6, -0.9), from(arm, 1.6, 0.9), from(arm, -1.6, 0.9)]),
    ]),
  union: ({ arms }) => inLine(arms, (arm) => [-0.9, 0, 0.9].map((along) => line(bar(arm, along, 1.3), 0.45))),
  tee: ({ arms }) => (arms.length < 2 ? [dot] : sockets(arms)),
  reducer: ({ arms, larger }) =>
    inLine(larger ? [larger] : arms, (arm) => [
      shape([from(arm, 1.2, -1.3), from(arm, 1.2, 1.3), from(arm, -1.2, 0.6), from(arm, -1.2, -0.6)]),
    ]),
  adapter: ({ arms }) =>
    inLine(arms, (arm) => [
      shape([from(arm, -1.1, -1), from(arm, 1.1, -1), from(arm, 1.1, 1), from(arm, -1.1, 1)]),
      line([from(arm, -1.1, -1), from(arm, 1.1, 1)], 0.4),
    ]),
  valve: ({ arms }) =>
    inLine(arms, (arm) => [shape([from(arm, -1.7, -1), from(arm, 1.7, 1), from(arm, 1.7, -1), from(arm, -1.7, 1)])]),
  'in-line': ({ arms }) =>
    inLine(arms, (arm) => [
      shape([from(arm, -1.4, -1.4), from(arm, 1.4, -1.4), from(arm, 1.4, 1.4), from(arm, -1.4, 1.4)]),
      { ...dot, radius: 0.5 },
    ]),
  mixer: () => [
    ring(1.5, 0.5),
    line(
      [
        [-1, 0],
        [1, 0],
      ],
      0.5,
    ),
    line(
      [
        [0, -1],
        [0, 1],
      ],
      0.5,
    ),
  ],
  outlet: ({ arms }) => inLine(arms, (arm) => [line(bar(arm, 0, 1.4), 0.7), line([origin, at(arm, -1.6)], 0.7)]),
  cap: ({ arms }) => inLine(arms, (arm) => [line(bar(arm, 0, 1.3), 0.7), line(bar(arm, -0.9, 1.3), 0.7)]),
  open: () => [ring(0.9, 0.5)],
}

/**
 * What is drawn at a node: the fitting as it lies, its mouths towards its pipes. A bend is pipe, and drawn as pipe.
 *
 * @remarks for instance: a tee of two arms in line and one aside: three thick arms, a lip across each
 */
export const fittingSign = (of: SignOf): readonly Stroke[] => signs[of.kind](of)

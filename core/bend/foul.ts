import { radians } from '../quantity/angle'
import { cross, dot, lengthOf, minus, plus, type Vector } from '../quantity/vector'
import { lineThrough } from './centre-line'
import { segmentDistance } from './segment-distance'
import type { BendPlace, MarkedTube } from './tube'

/** What a tube hits while a bend is pulled. */
export type Foul = 'the tube itself' | 'the former' | 'what is under the bender'

/** How a bender stands on its bench. */
export interface BenderStand {
  /** From the bending plane down to bench or floor, in mm; undefined where it is held in the hands or not known. */
  readonly below?: number
  /** To which side the pipe bends, seen from above with the hook behind. */
  readonly turns?: 'left' | 'right'
}

/** How a tube moves while one bend is pulled. */
export interface Sweep {
  /** By how much it reaches below the plane of the bend, in mm. */
  readonly below: number
  readonly foul: Foul | null
}

/** Greatest turn of one step of the line, in degrees; a pull is looked at every second one. */
const step = 15
/** A former is about as thick as its pipe to either side. */
const formerSides = 1

/** The same tube from its other end. */
export function markedFromOtherEnd({ bends, length, straights }: MarkedTube): MarkedTube {
  const turns = bends.slice(1).map(({ turn }) => turn)
  return {
    length,
    straights: straights.toReversed(),
    bends: bends.toReversed().map((bend, index): BendPlace => ({
      ...bend,
      start: length - bend.end,
      middle: length - bend.middle,
      end: length - bend.start,
      // The set-back stands on the other side of the bend: seen from there it goes on from what was its end.
      corner: length - bend.end + (bend.corner - bend.start),
      turn: index === 0 ? 0 : turns.at(-index)!,
    })),
  }
}

/** The tube as it lies in the bender: the pipe comes in along x, the bend turns towards y, z is up from its plane. */
interface Lying {
  /** From the held end to the start of the bend, and from its end on. */
  readonly held: readonly Vector[]
  readonly swinging: readonly Vector[]
}

/** The tube with some bends made and one pulled to an angle; held at its first end. */
function lie({ bends, length }: MarkedTube, made: ReadonlySet<number>, bend: number, angle: number): Lying {
  const standing: { start: number; end: number; angle: number; radius: number; turn: number; isThis: boolean }[] = []
  let turn = 0
  for (const [index, of] of bends.entries()) {
    // A bend that is not made yet only hands its turn on to the next one.
    turn += of.turn
    if (index !== bend && !made.has(index)) continue
    const isThis = index === bend
    const to = isThis ? angle : of.angle
    standing.push({
      start: of.start,
      end: isThis ? of.start + of.radius * radians(to) : of.end,
      angle: to,
      radius: of.radius,
      turn,
      isThis,
    })
    turn = 0
  }
  const straights = standing.map(({ start }, index) => start - (standing[index - 1]?.end ?? 0))
  const { line, starts } = lineThrough([...straights, length - (standing.at(-1)?.end ?? 0)], standing, step)
  const stepsOf = ({ angle: of }: { angle: number }) => Math.max(2, Math.ceil(of / step))
  const at = standing.findIndex(({ isThis }) => isThis)
  // The line has its first end, and for each bend its start and its steps.
  const begins = 1 + standing.slice(0, at).reduce((sum, of) => sum + 1 + stepsOf(of), 0)
  const ends = begins + stepsOf(standing[at]!)
  const { at: from, along: x, towards: y } = starts[at]!
  const z = cross(x, y)
  const seen = (place: Vector): Vector => {
    const by = minus(place, from)
    return [dot(by, x), dot(by, y), dot(by, z)]
  }
  return { held: line.slice(0, begins + 1).map(seen), swinging: line.slice(ends).map(seen) }
}

const pairs = (line: readonly Vector[]): [Vector, Vector][] =>
  line.slice(1).map((place, index) => [line[index]!, place] as [Vector, Vector])

/** Points along a line, near enough to each other to find what reaches into a former. */
function* points(line: readonly Vector[], every: number): Generator<Vector> {
  for (const [from, to] of pairs(line)) {
    const by = minus(to, from)
    const count = Math.max(1, Math.ceil(lengthOf(by) / every))
    for (let part = 0; part <= count; part += 1) {
      const share = part / count
      yield plus(from, by, share)
    }
  }
}

function reachesFormer(lying: Lying, radius: number, od: number): boolean {
  const inside = ([x, y, z]: Vector) =>
    Math.abs(z) < od * formerSides && Math.hypot(x, y - radius) < radius - od / 2 - 1e-6
  for (const line of [lying.held, lying.swinging]) for (const place of points(line, od)) if (inside(place)) return true
  return false
}

function hitsItself({ held, swinging }: Lying, od: number): boolean {
  // Beside the bend the two parts are near to each other by nature: their first straights cannot meet.
  const [far, other] = [pairs(held).slice(0, -1), pairs(swinging).slice(1)]
  const near = (a: [Vector, Vector][], b: [Vector, Vector][]) =>
    a.some((one) => b.some((two) => segmentDistance(one, two) < od - 1e-6))
  return near(far, pairs(swinging)) || near(pairs(held), other)
}

/**
 * What happens while one bend is pulled: how far the tube reaches below the plane of the bend, and what it hits.
 *
 * @param made bends that are made already
 * @param hold which end goes in first
 * @param stand how the bender stands; nothing of it where it is held in the hands
 * @remarks for instance: a bend at right angles to an earlier one with 300 beyond it: it reaches about 300 up or down
 */
export function sweepOf(
  tube: MarkedTube,
  od: number,
  {
    made,
    bend,
    hold,
  }: { readonly made: ReadonlySet<number>; readonly bend: number; readonly hold: 'first end' | 'second end' },
  { below, turns = 'left' }: BenderStand = {},
): Sweep {
  const last = tube.bends.length - 1
  const isReversed = hold === 'second end'
  const seen = isReversed ? markedFromOtherEnd(tube) : tube
  const of = isReversed ? last - bend : bend
  const standing = isReversed ? new Set([...made].map((index) => last - index)) : made
  const { angle, radius } = seen.bends[of]!
  // The frame of a bend to the left has its third axis up; that of a bend to the right has it down.
  const down = turns === 'left' ? -1 : 1
  let reach = 0
  let foul: Foul | null = null
  const pulls = Math.max(1, Math.ceil(angle / (2 * step)))
  for (let pull = 1; pull <= pulls; pull += 1) {
    const lying = lie(seen, standing, of, (angle * pull) / pulls)
    for (const [, , z] of [...lying.held, ...lying.swinging]) reach = Math.max(reach, down * z)
    foul ??= reachesFormer(lying, radius, od) ? 'the former' : hitsItself(lying, od) ? 'the tube itself' : null
  }
  // The tube's own half is below its plane wherever it lies.
  const needed = reach < 0.01 ? 0 : reach + od / 2
  if (!foul && below !== undefined && needed > below) foul = 'what is under the bender'
  return { below: needed, foul }
}

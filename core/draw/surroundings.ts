import type { Leg } from '../job/job'
import { drawnLength, runOf, type System } from '../job/system'
import { fixingsWithin } from '../support/fixings'
import type { DrawnLeg, Point } from './drawing'
import type { Line } from './shape'

/** Joists nearer to each other on paper than this are not all drawn; in thirds of a letter's height. */
const closest = 3

/** Along and aside of a leg on paper, each of length one, and how long it is. */
function axesOf({ from, to }: DrawnLeg): { readonly along: Point; readonly aside: Point; readonly length: number } {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const length = Math.hypot(dx, dy) || 1
  const along: Point = [dx / length, dy / length]
  return { along, aside: [-along[1], along[0]], length }
}

/** The face of what a leg is closed in by, hatched on its far side. */
function wall(drawn: DrawnLeg, unit: number): readonly Line[] {
  const { aside } = axesOf(drawn)
  const beside = (by: number, weight: number, dashes: readonly number[]): Line => {
    const shifted = ([x, y]: Point): Point => [x + aside[0] * by * unit, y + aside[1] * by * unit]
    return { kind: 'line', from: shifted(drawn.from), to: shifted(drawn.to), ink: 'faint', weight, dashes }
  }
  return [beside(1.1, 0.25, []), beside(1.7, 0.9, [0.3, 1.2])]
}

/** The joists or studs that a leg crosses, each as its two faces. */
function joists(drawn: DrawnLeg, leg: Leg, unit: number): readonly Line[] {
  if (!leg.fixings) return []
  const { along, aside, length } = axesOf(drawn)
  const own = drawnLength(leg)
  const places = fixingsWithin(leg.fixings, 0, own)
  const every = Math.max(1, Math.ceil((closest * unit * own) / (leg.fixings.spacing * length)))
  return places
    .filter((_, at) => at % every === 0)
    .flatMap((place) =>
      [-0.6, 0.6].map((face): Line => {
        const far = (place / own) * length + face * unit
        const end = (side: number): Point => [
          drawn.from[0] + along[0] * far + aside[0] * side * unit,
          drawn.from[1] + along[1] * far + aside[1] * side * unit,
        ]
        return { kind: 'line', from: end(-1.9), to: end(1.9), ink: 'faint', weight: 0.3, dashes: [] }
      }),
    )
}

/**
 * What a leg runs along, as far as the job says: hatched where it is closed in, joists and studs where it crosses them.
 *
 * @param unit a third of a letter's height, in mm of the drawing
 */
export function surroundingsOf(system: System, leg: Leg, drawn: DrawnLeg, unit: number): readonly Line[] {
  const { concealed, underground, screed } = runOf(system, leg).place ?? {}
  const isClosedIn = leg.state === undefined && (concealed || underground || screed)
  return [...(isClosedIn ? wall(drawn, unit) : []), ...joists(drawn, leg, unit)]
}

import { bendLengths } from './geometry'

/** One bend of a tube. */
export interface TubeBend {
  /** Degrees, above 0 and below 180. */
  readonly angle: number
  /** Centre-line radius in mm. */
  readonly radius: number
  /** Turn of the tube about its own length since the bend before, in degrees, −180 to 180; nothing at the first. */
  readonly turn: number
}

/** A tube as it will be: the straight ways between its ends and corners, and a bend at each corner. */
export interface Tube {
  /** Centre-to-centre lengths in mm: one more than there are bends. */
  readonly legs: readonly number[]
  readonly bends: readonly TubeBend[]
}

/** Where one bend stands on the straight tube, in mm from its first end. */
export interface BendPlace extends TubeBend {
  readonly start: number
  readonly middle: number
  readonly end: number
  /** Where the corner of the centre lines comes, had the tube been laid straight on from the start of this bend. */
  readonly corner: number
}

export interface MarkedTube {
  /** Length to cut: legs less gains. */
  readonly length: number
  readonly bends: readonly BendPlace[]
  /** Straight lengths before, between and after the bends. */
  readonly straights: readonly number[]
}

/**
 * All places on the straight tube, each measured from the same end, so that errors do not add up. Developed length is
 * the sum of the legs less every bend's gain.
 *
 * @throws RangeError when the legs are not one more than the bends, or an angle or radius is out of range
 * @remarks for instance: legs 500, 400, one bend of 88 mm at 90°: length 862.2, start 412, middle 481.1, end 550.2, corner 500
 */
export function markTube({ legs, bends }: Tube): MarkedTube {
  if (legs.length !== bends.length + 1) throw new RangeError('a tube has one leg more than it has bends')
  let along = 0
  const straights: number[] = []
  let from = 0
  const places = bends.map((bend, index): BendPlace => {
    const { setBack, arc } = bendLengths(bend.radius, bend.angle)
    const corner = along + legs[index]!
    const start = corner - setBack
    straights.push(start - from)
    from = start + arc
    // The next leg is measured from this corner: along it, the bend's end is one set-back away.
    along = from - setBack
    return { ...bend, corner, start, middle: start + arc / 2, end: from }
  })
  const length = along + legs.at(-1)!
  return { length, bends: places, straights: [...straights, length - from] }
}

/**
 * The same tube told from its other end. Lengths stay; the turn of a bend is then counted from the other side.
 *
 * @example reverseTube(reverseTube(tube)) // tube
 */
export function reverseTube({ legs, bends }: Tube): Tube {
  // The turn between two bends belongs to their pair: read backwards, it stands at the other one of the two.
  return {
    legs: legs.toReversed(),
    bends: bends.toReversed().map((bend, index) => ({ ...bend, turn: index === 0 ? 0 : bends.at(-index)!.turn })),
  }
}

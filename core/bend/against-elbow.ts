import { bendLengths } from './geometry'
import type { BendingMethod } from '../materials/material'

/** What a corner costs when it is bent, or made with an elbow. */
export interface CornerCost {
  /** Room from the corner of the centre lines to where straight pipe begins, in mm. */
  readonly room: number
  readonly joints: number
  readonly minutes: number
  /** In the currency of the prices. */
  readonly cost: number
}

export interface Corner {
  readonly angle: number
  readonly radius: number
  readonly bending: BendingMethod
  /** From an elbow's centre to its face, in mm; null where it is not known. */
  readonly elbowFace: number | null
  readonly jointMinutes: number
  readonly elbowPrice: number
  readonly hourPrice: number
}

/** Minutes to mark and make a bend: typical. */
const bendMinutes: Readonly<Record<BendingMethod, number>> = { hand: 1, 'spring or support': 2, bender: 3 }

/**
 * Bend against elbow: room, joints, minutes and cost of one corner, and by how much the bend shortens the way.
 *
 * @remarks for instance: 90°, radius 88, elbow 30 to its face: room 88 against 30, no joint against two, 37.8 mm less pipe
 */
export function bendAgainstElbow({ angle, radius, bending, elbowFace, jointMinutes, elbowPrice, hourPrice }: Corner): {
  readonly bend: CornerCost
  readonly elbow: Omit<CornerCost, 'room'> & { readonly room: number | null }
  readonly gain: number
} {
  const { setBack, gain } = bendLengths(radius, angle)
  const elbowMinutes = 2 * jointMinutes
  return {
    bend: { room: setBack, joints: 0, minutes: bendMinutes[bending], cost: (bendMinutes[bending] / 60) * hourPrice },
    elbow: {
      room: elbowFace,
      joints: 2,
      minutes: elbowMinutes,
      cost: elbowPrice + (elbowMinutes / 60) * hourPrice,
    },
    gain,
  }
}

import type { Material } from '../materials/material'
import type { Profile } from '../workshop/profile'

/** Growth of a pipe and the expansion leg that takes it up. */
export interface Expansion {
  /** mm, positive when it grows. */
  readonly growth: number
  /** Expansion leg that is needed square to it, in mm. */
  readonly freeLeg: number
}

/**
 * How far an expansion leg of a material must reach: C in C √(OD dL), a setting of the profile.
 *
 * @example freeLegConstant(profiles.metric, { freeLeg: 'freeLegCopper' }) // 61
 */
export const freeLegConstant = (profile: Profile, { freeLeg }: Pick<Material, 'freeLeg'>): number => profile[freeLeg]

/**
 * By how much a pipe between fixed points grows, and what expansion leg takes it up: dL = a L dT, C √(OD dL).
 *
 * @param coefficient of the material, in mm to the metre and kelvin, above 0
 * @param length between fixed points, in mm
 * @param kelvin warmer than when it was fixed; less than 0 when colder
 * @param constant C of the material, see `freeLegConstant`
 * @remarks for instance: copper 0.0166, 10 m of 22, 50 K: 8.3 mm, expansion leg 61 √(22 × 8.3) = 824 mm
 */
export function expansion(
  coefficient: number,
  length: number,
  kelvin: number,
  { od, constant }: { readonly od: number; readonly constant: number },
): Expansion {
  if (!(coefficient > 0 && od > 0 && constant > 0)) throw new RangeError('figures of the pipe: more than 0')
  const growth = (coefficient * length * kelvin) / 1000
  return { growth, freeLeg: constant * Math.sqrt(od * Math.abs(growth)) }
}

/** A loop of three expansion legs: out, across, back; in mm. */
export interface ExpansionLoop {
  readonly out: number
  readonly across: number
}

/**
 * A loop that takes up a growth in the middle of a straight: its two legs out give half each, and it is half as wide as
 * it is deep (typical).
 *
 * @remarks for instance: expansion leg 824: 412 out, 206 across
 */
export const loopFor = (freeLeg: number): ExpansionLoop => ({ out: freeLeg / 2, across: freeLeg / 4 })

/** Room to leave at a wall or a joist's hole on the side to which a leg grows: its growth, and 2 mm more. */
export const roomAtWall = (growth: number): number => Math.abs(growth) + 2

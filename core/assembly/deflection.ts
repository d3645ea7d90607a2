import { materialOf } from '../materials'
import type { OfMaterial } from '../materials/ids'
import type { Pipe } from '../catalogue/pipe'
import { boreOf } from '../catalogue/pipe'

/** What two hands push a pipe aside with, in N; typical. */
const twoHands = 200

/**
 * By how much a leg can be sprung aside at its free end and comes back, in mm: a beam held at one end. Hard pipe goes to
 * the stress that it comes back from, d = s L² / (3 E r). What comes in coils goes as far as two hands push it,
 * d = F L³ / (3 E I), and no tighter than it bends by hand, d = L² / (2 R).
 *
 * Stiffness, stress, force and radius are typical; the formulas are those of any handbook of mechanics.
 *
 * @param pipe its outside diameter and wall in mm
 * @param length of the leg to where it is held, in mm, 0 or more
 * @example deflection(copper22, 1000) // 25.9; 100 × 1000² / (3 × 117 000 × 11)
 * @remarks for instance: 300 of 63 multilayer: 200 × 300³ / (3 × 2000 × 356 000) = 2.5
 */
export function deflection(pipe: OfMaterial & Pick<Pipe, 'od' | 'wall'>, length: number): number {
  const { od } = pipe
  const { springs, modulus: of } = materialOf(pipe)
  const modulus = of.beam * 1000
  if ('stress' in springs) return (springs.stress * length ** 2) / (3 * modulus * (od / 2))
  const inertia = (Math.PI / 64) * (od ** 4 - boreOf(pipe) ** 4)
  const pushed = (twoHands * length ** 3) / (3 * modulus * inertia)
  const tightest = springs.handRadius * od
  return Math.min(pushed, length ** 2 / (2 * tightest))
}

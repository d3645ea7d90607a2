import type { MaterialKey } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'
import { boreOf } from '../catalogue/pipe'
import { materialFacts } from '../catalogue/tables/materials'

/** The stress to which a pipe is bent without staying bent, in N/mm²; typical. */
const stresses: Partial<Record<MaterialKey, number>> = {
  'copper-hard': 100,
  'copper-soft': 40,
  'galvanised-steel': 100,
  'stainless-steel': 100,
  'carbon-steel': 100,
  cpvc: 10,
  'pvc-u': 10,
  'pp-r': 5,
  lead: 3,
}

/** How tightly coiled pipe goes by hand, in outside diameters; typical. */
const handRadius: Partial<Record<MaterialKey, number>> = { multilayer: 5 }
const usualHandRadius = 8
/** What two hands push a pipe aside with, in N; typical. */
const twoHands = 200
/** Of multilayer as a beam, in GPa: its aluminium in the middle of its plastic; typical. */
const multilayerModulus = 2

/**
 * By how much a leg can be sprung aside at its free end and comes back, in mm: a beam held at one end. Hard pipe goes to
 * the stress that it comes back from, d = s L² / (3 E r). What comes in coils goes as far as two hands push it,
 * d = F L³ / (3 E I), and no tighter than it bends by hand, d = L² / (2 R).
 *
 * Stiffness, stress, force and radius are typical; the formulas are those of any handbook of mechanics.
 *
 * @param pipe its outside diameter and wall in mm
 * @param length of the leg to where it is held, in mm, 0 or more
 * @example deflection('copper-hard', copper22, 1000) // 25.9; 100 × 1000² / (3 × 117 000 × 11)
 * @remarks for instance: 300 of 63 multilayer: 200 × 300³ / (3 × 2000 × 356 000) = 2.5
 */
export function deflection(material: MaterialKey, pipe: Pick<Pipe, 'od' | 'wall'>, length: number): number {
  const { od } = pipe
  const [stress, gigapascals] = [stresses[material], materialFacts[material].youngsModulus ?? multilayerModulus]
  const modulus = gigapascals * 1000
  if (stress) return (stress * length ** 2) / (3 * modulus * (od / 2))
  const inertia = (Math.PI / 64) * (od ** 4 - boreOf(pipe) ** 4)
  const pushed = (twoHands * length ** 3) / (3 * modulus * inertia)
  const tightest = (handRadius[material] ?? usualHandRadius) * od
  return Math.min(pushed, length ** 2 / (2 * tightest))
}

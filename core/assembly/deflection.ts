import type { MaterialKey } from '../catalogue/material'
import { materialFacts } from '../catalogue/tables/materials'

/** The stress to which a pipe is bent without staying bent, in N/mm²; typical. Coiled pipe is none of them. */
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

/**
 * By how much a leg can be sprung aside at its free end and comes back, in mm: a beam held at one end,
 * d = s L² / (3 E r). Coiled plastic and multilayer bend by hand as far as is wanted.
 *
 * Stiffness and stress are typical; the formula is that of any handbook of mechanics.
 *
 * @param od outside diameter in mm, above 0
 * @param length of the leg to where it is held, in mm, 0 or more
 * @example deflection('copper-hard', 22, 1000) // 25.9; 100 × 1000² / (3 × 117 000 × 11)
 */
export function deflection(material: MaterialKey, od: number, length: number): number {
  const [stress, gigapascals] = [stresses[material], materialFacts[material].youngsModulus]
  return stress && gigapascals ? (stress * length ** 2) / (3 * gigapascals * 1000 * (od / 2)) : Infinity
}

import type { MaterialKey } from '../../catalogue/material'

/** Stiffness of a pipe's material and the stress to which it is bent without staying bent, in N/mm²; typical. */
interface Stiffness {
  readonly modulus: number
  readonly stress: number
}

const steel: Stiffness = { modulus: 200_000, stress: 100 }
const stiffness: Partial<Record<MaterialKey, Stiffness>> = {
  'copper-hard': { modulus: 117_000, stress: 100 },
  'copper-soft': { modulus: 117_000, stress: 40 },
  'galvanised-steel': steel,
  'stainless-steel': steel,
  'carbon-steel': steel,
  cpvc: { modulus: 2900, stress: 10 },
  'pvc-u': { modulus: 3000, stress: 10 },
  'pp-r': { modulus: 850, stress: 5 },
  lead: { modulus: 16_000, stress: 3 },
}

/**
 * By how much a leg can be sprung aside at its free end and comes back, in mm: a beam held at one end,
 * d = s L² / (3 E r). Coiled plastic and multilayer bend by hand as far as is wanted.
 *
 * Stiffness and stress are typical; the formula is that of any handbook of mechanics.
 *
 * @param od outside diameter in mm, above 0
 * @param length of the leg to where it is held, in mm, 0 or more
 * @example springOf('copper-hard', 22, 1000) // 100 × 1000² / (3 × 117 000 × 11) = 25.9
 */
export function springOf(material: MaterialKey, od: number, length: number): number {
  const of = stiffness[material]
  return of ? (of.stress * length ** 2) / (3 * of.modulus * (od / 2)) : Infinity
}

import type { Service } from '../job/place'
import { velocityOf } from './velocity'

/** Water as it flows: °C, density in kg/m³, kinematic viscosity in m²/s. Standard tables. */
export const water = {
  cold: { celsius: 10, density: 999.7, viscosity: 1.307e-6 },
  hot: { celsius: 60, density: 983.2, viscosity: 0.475e-6 },
} as const
export type WaterState = keyof typeof water

/** How warm the water of a service is taken to be; all of a heating loop is hot, its return too. */
export const waterStateOf = (service: Service): WaterState => (service === 'cold' ? 'cold' : 'hot')

/** Up to this Reynolds number the flow is smooth, from the other on it is rough; between, neither is sure. */
const smoothUpTo = 2000
const roughFrom = 4000

/**
 * The friction factor of Darcy: 64/Re while smooth, Swamee and Jain (1976) for Colebrook's when rough, straight between.
 *
 * @param reynolds above 0
 * @param roughness mm of the wall, 0 or more; `bore` in mm
 * @example frictionFactor(1000, 0.0015, 20) // 0.064
 * @example frictionFactor(50000, 0.0015, 20) // 0.0211
 */
export function frictionFactor(reynolds: number, roughness: number, bore: number): number {
  const rough = (at: number) => 0.25 / Math.log10(roughness / bore / 3.7 + 5.74 / at ** 0.9) ** 2
  if (reynolds <= smoothUpTo) return 64 / reynolds
  if (reynolds >= roughFrom) return rough(reynolds)
  const share = (reynolds - smoothUpTo) / (roughFrom - smoothUpTo)
  return (64 / smoothUpTo) * (1 - share) + rough(roughFrom) * share
}

/**
 * Pressure lost along straight pipe, in kPa (Darcy and Weisbach).
 *
 * @param flow litres a minute, 0 or more
 * @param bore mm, above 0
 * @param length mm
 * @remarks for instance: 20 l/min cold through 10 m of 20.2 mm bore: 1.04 m/s, Re 16 076, 7.4 kPa
 */
export function pipeLoss(
  flow: number,
  bore: number,
  { length, roughness, state }: { readonly length: number; readonly roughness: number; readonly state: WaterState },
): number {
  if (flow === 0) return 0
  const velocity = velocityOf(flow, bore)
  const { density, viscosity } = water[state]
  const factor = frictionFactor((velocity * (bore / 1000)) / viscosity, roughness, bore)
  return (factor * (length / bore) * density * velocity ** 2) / 2 / 1000
}

/** Pressure lost in a fitting of this loss coefficient, in kPa: K ρ v² / 2. */
export const fittingLoss = (flow: number, bore: number, coefficient: number, state: WaterState): number =>
  (coefficient * water[state].density * velocityOf(flow, bore) ** 2) / 2 / 1000

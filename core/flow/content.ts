import type { Catalogue } from '../catalogue/catalogue'
import { boreOf, type Pipe } from '../catalogue/pipe'
import { pipeIdIn } from '../job/leg-defaults'
import type { System } from '../job/system'
import { holdsWater } from '../run/states'

/**
 * Water in a length of pipe, in litres, by its bore.
 *
 * @remarks for instance: 10 m of 22 × 0.9: bore 20.2 mm, 3.20 l
 */
export const contentOf = (pipe: Pipe, length: number): number =>
  ((Math.PI / 4) * boreOf(pipe) ** 2 * length) / 1_000_000

/** A stretch of a leg, in mm. */
export interface Stretch {
  readonly leg: string
  readonly length: number
}

/** Water in stretches of a system's legs, in litres. */
export function contentOfStretches(catalogue: Catalogue, system: System, stretches: readonly Stretch[]): number {
  const legs = new Map(system.legs.map((leg) => [leg.id, leg]))
  return stretches.reduce(
    (sum, { leg, length }) => sum + contentOf(catalogue.pipe(pipeIdIn(system, legs.get(leg)!))!, length),
    0,
  )
}

/** What a system holds, in litres: its new pipe and what is there, as far as that was measured; none of what comes out. */
export const contentOfSystem = (catalogue: Catalogue, system: System): number =>
  contentOfStretches(
    catalogue,
    system,
    system.legs.filter(holdsWater).map(({ id, length }) => ({ leg: id, length: length ?? 0 })),
  )

import type { Material } from './material'
import { boreOf, type Pipe } from './pipe'

/** Density of a pipe's wall in kg/m³. Standard tables for metals, typical for plastics; multilayer with its aluminium. */
const densities: Readonly<Record<Material, number>> = {
  copper: 8940,
  'pex-a': 940,
  'pex-b': 950,
  'pex-c': 940,
  multilayer: 1200,
  pb: 925,
  cpvc: 1550,
  'pvc-u': 1400,
  pe: 950,
  'pp-r': 905,
  'galvanised-steel': 7850,
  'stainless-steel': 7980,
  'carbon-steel': 7850,
  lead: 11_340,
}

/**
 * Weight of an empty pipe in kg a metre: its ring of wall times the density of its material.
 *
 * @remarks for instance: 22 × 0.9 copper: 59.7 mm² of wall, 0.533 kg
 */
export const weightPerMetre = (pipe: Pipe): number =>
  ((Math.PI / 4) * (pipe.od ** 2 - boreOf(pipe) ** 2) * densities[pipe.material]) / 1e6

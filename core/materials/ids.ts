export const materialIds = [
  'copper',
  'pex-a',
  'pex-b',
  'pex-c',
  'multilayer',
  'pb',
  'cpvc',
  'pvc-u',
  'pe',
  'pe-rt',
  'pp-r',
  'galvanised-steel',
  'stainless-steel',
  'carbon-steel',
  'lead',
  'abs',
] as const
export type MaterialId = (typeof materialIds)[number]

/** Copper is hard (drawn), half-hard or soft (annealed); nothing else has a temper. */
export type Temper = '' | 'hard' | 'half-hard' | 'soft'

/** A material, with copper told apart by temper: soft copper joins, bends and springs differently. */
export type MaterialKey = Exclude<MaterialId, 'copper'> | 'copper-hard' | 'copper-soft'

/** What a pipe is of. */
export interface OfMaterial {
  readonly material: MaterialId
  readonly temper: Temper
}

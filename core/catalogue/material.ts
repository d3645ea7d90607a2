export const materials = [
  'copper',
  'pex-a',
  'pex-b',
  'pex-c',
  'multilayer',
  'pb',
  'cpvc',
  'pvc-u',
  'pe',
  'pp-r',
  'galvanised-steel',
  'stainless-steel',
  'carbon-steel',
  'lead',
] as const
export type Material = (typeof materials)[number]

/** Copper is hard (drawn), half-hard or soft (annealed); nothing else has a temper. */
export type Temper = '' | 'hard' | 'half-hard' | 'soft'

/** A material, with copper told apart by temper: soft copper joins differently. */
export type MaterialKey = Exclude<Material, 'copper'> | 'copper-hard' | 'copper-soft'

export function materialKey(pipe: { readonly material: Material; readonly temper: Temper }): MaterialKey {
  if (pipe.material !== 'copper') return pipe.material
  return pipe.temper === 'soft' ? 'copper-soft' : 'copper-hard'
}

const plastics: ReadonlySet<Material> = new Set([
  'pex-a',
  'pex-b',
  'pex-c',
  'multilayer',
  'pb',
  'cpvc',
  'pvc-u',
  'pe',
  'pp-r',
])

/** Whether the pipe's wall is plastic, wholly or (multilayer) on both faces. */
export const isPlastic = (material: Material): boolean => plastics.has(material)

export const materialNames: Readonly<Record<Material, string>> = {
  copper: 'copper',
  'pex-a': 'PEX-A',
  'pex-b': 'PEX-B',
  'pex-c': 'PEX-C',
  multilayer: 'multilayer',
  pb: 'polybutylene',
  cpvc: 'CPVC',
  'pvc-u': 'PVC-U',
  pe: 'PE',
  'pp-r': 'PP-R',
  'galvanised-steel': 'galvanised steel',
  'stainless-steel': 'stainless steel',
  'carbon-steel': 'carbon steel',
  lead: 'lead',
}

import { abs } from './abs'
import { carbonSteel } from './carbon-steel'
import { hardCopper, softCopper } from './copper'
import { cpvc } from './cpvc'
import { galvanisedSteel } from './galvanised-steel'
import type { MaterialId, MaterialKey, OfMaterial } from './ids'
import { lead } from './lead'
import type { Material } from './material'
import { multilayer } from './multilayer'
import { pb } from './pb'
import { pe } from './pe'
import { peRt } from './pe-rt'
import { pexA } from './pex-a'
import { pexB } from './pex-b'
import { pexC } from './pex-c'
import { ppR } from './pp-r'
import { pvcU } from './pvc-u'
import { stainlessSteel } from './stainless-steel'

export const materials: Readonly<Record<MaterialKey, Material>> = {
  'copper-hard': hardCopper,
  'copper-soft': softCopper,
  'pex-a': pexA,
  'pex-b': pexB,
  'pex-c': pexC,
  multilayer,
  pb,
  cpvc,
  'pvc-u': pvcU,
  pe,
  'pe-rt': peRt,
  'pp-r': ppR,
  'galvanised-steel': galvanisedSteel,
  'stainless-steel': stainlessSteel,
  'carbon-steel': carbonSteel,
  lead,
  abs,
}

/** A pipe's material, soft copper told apart. */
export function materialKey({ material, temper }: OfMaterial): MaterialKey {
  if (material !== 'copper') return material
  return temper === 'soft' ? 'copper-soft' : 'copper-hard'
}

/** What a pipe's material is like. @remarks for instance: of a soft copper pipe, soft copper */
export const materialOf = (pipe: OfMaterial): Material => materials[materialKey(pipe)]

/** What a material is like whatever its temper. */
const named = (id: MaterialId): Material => materials[materialKey({ material: id, temper: '' })]

/** Whether the pipe's wall is plastic, wholly or (multilayer) on both faces. @example isPlastic('multilayer') // true */
export const isPlastic = (id: MaterialId): boolean => named(id).isPlastic

/** @example materialName('pex-a') // 'PEX-A' */
export const materialName = (id: MaterialId): string => named(id).name

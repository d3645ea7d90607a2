import type { Basis } from '../quantity/basis'
import type { Material } from './material'
import type { Pipe } from './pipe'
import { supportRows, type SpacingProfile, type SupportGroup } from './tables/supports'

export interface SupportSpacing {
  /** Greatest distance between clips, in mm. */
  readonly mm: number
  readonly basis: Basis
  readonly note: string
}

const groupsOf: Readonly<Record<Material, readonly SupportGroup[]>> = {
  copper: ['copper'],
  'stainless-steel': ['copper'],
  'carbon-steel': ['copper'],
  'pex-a': ['pex', 'pex, pb'],
  'pex-b': ['pex', 'pex, pb'],
  'pex-c': ['pex', 'pex, pb'],
  pb: ['pex, pb'],
  multilayer: ['multilayer'],
  cpvc: ['cpvc'],
  'pvc-u': ['pvc-u'],
  pe: ['pe'],
  'pp-r': ['pp-r'],
  'galvanised-steel': ['galvanised-steel'],
  lead: [],
}

/** Only the metric table speaks for press steel by its copper rows; the others say nothing of it. */
const speaksFor = (profile: SpacingProfile, material: Material): boolean =>
  profile === 'metric' || (material !== 'stainless-steel' && material !== 'carbon-steel')

/**
 * The greatest distance between two supports of a pipe.
 *
 * @param attitude `vertical` for an upright leg; anything else counts as level, which is the closer spacing
 * @returns null where the profile has no figure for this material and size
 * @remarks for instance: a 22 mm copper pipe, metric, level: 1800 mm
 */
export function supportSpacing(
  profile: SpacingProfile,
  pipe: Pipe,
  attitude: 'horizontal' | 'vertical',
): SupportSpacing | null {
  if (!speaksFor(profile, pipe.material)) return null
  const groups = groupsOf[pipe.material]
  // The rows of a group ascend and leave a tenth between them: a pipe in that tenth belongs to the row below.
  const row = supportRows.find(([of, group, , to]) => of === profile && groups.includes(group) && pipe.od < to + 0.1)
  if (!row) return null
  const [, , , , level, upright, basis, note] = row
  return { mm: attitude === 'vertical' ? upright : level, basis, note }
}

import type { Basis } from '../quantity/basis'
import { materialOf } from '../materials'
import type { Pipe } from './pipe'
import { supportRows, type SpacingProfile } from './tables/supports'

export interface SupportSpacing {
  /** Greatest distance between clips, in mm. */
  readonly mm: number
  readonly basis: Basis
  readonly note: string
}

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
  const { supports: groups, supportsByMetricOnly } = materialOf(pipe)
  if (supportsByMetricOnly && profile !== 'metric') return null
  // The rows of a group ascend and leave a tenth between them: a pipe in that tenth belongs to the row below.
  const row = supportRows.find(([of, group, , to]) => of === profile && groups.includes(group) && pipe.od < to + 0.1)
  if (!row) return null
  const [, , , , level, upright, basis, note] = row
  return { mm: attitude === 'vertical' ? upright : level, basis, note }
}

import type { SupportGroup } from '../../materials/material'
import type { Basis } from '../../quantity/basis'

export const spacingProfiles = ['metric', 'us-a', 'us-b'] as const
export type SpacingProfile = (typeof spacingProfiles)[number]

/** [profile, material group, outside diameter from mm, to mm, greatest distance level mm, upright mm, basis, note] */
export type SupportRow = readonly [SpacingProfile, SupportGroup, number, number, number, number, Basis, string]

/** The greatest distance between two clips. */
export const supportRows: readonly SupportRow[] = [
  ['metric', 'copper', 0, 15, 1200, 1800, 'guidance', 'also stainless and carbon steel press pipe'],
  ['metric', 'copper', 15.1, 28, 1800, 2400, 'guidance', 'also stainless and carbon steel press pipe'],
  ['metric', 'copper', 28.1, 42, 2400, 3000, 'guidance', 'also stainless and carbon steel press pipe'],
  ['metric', 'copper', 42.1, 54, 2700, 3000, 'guidance', 'also stainless and carbon steel press pipe'],
  ['metric', 'pex, pb', 0, 16, 300, 500, 'guidance', 'hot or cold'],
  ['metric', 'pex, pb', 16.1, 25, 500, 800, 'guidance', 'hot or cold'],
  ['metric', 'pex, pb', 25.1, 32, 800, 1000, 'guidance', 'hot or cold'],
  ['metric', 'multilayer', 0, 16, 1200, 1600, 'typical', ''],
  ['metric', 'multilayer', 16.1, 20, 1300, 1700, 'typical', ''],
  ['metric', 'multilayer', 20.1, 26, 1500, 2000, 'typical', ''],
  ['metric', 'multilayer', 26.1, 32, 1600, 2100, 'typical', ''],
  ['metric', 'multilayer', 32.1, 63, 2000, 2600, 'typical', ''],
  ['metric', 'pe', 0, 20, 500, 900, 'typical', 'above ground'],
  ['metric', 'pe', 20.1, 25, 600, 1200, 'typical', 'above ground'],
  ['metric', 'pe', 25.1, 63, 750, 1500, 'typical', 'above ground'],
  ['metric', 'galvanised-steel', 0, 22, 1800, 2400, 'guidance', ''],
  ['metric', 'galvanised-steel', 22.1, 34, 2400, 3000, 'guidance', ''],
  ['metric', 'galvanised-steel', 34.1, 43, 2700, 3000, 'guidance', ''],
  ['metric', 'galvanised-steel', 43.1, 61, 3000, 3600, 'guidance', ''],
  ['metric', 'pp-r', 0, 20, 600, 900, 'typical', 'hot'],
  ['metric', 'pp-r', 20.1, 25, 700, 1000, 'typical', 'hot'],
  ['metric', 'pp-r', 25.1, 40, 900, 1200, 'typical', 'hot'],
  ['us-a', 'copper', 0, 35.5, 1829, 3048, 'model code', '1-1/4 and smaller'],
  ['us-a', 'copper', 35.6, 120, 3048, 3048, 'model code', ''],
  ['us-a', 'pex', 0, 29, 813, 3048, 'model code', 'vertical: and a guide at mid-storey'],
  ['us-a', 'pex', 29.1, 63, 1219, 3048, 'model code', ''],
  ['us-a', 'multilayer', 0, 29, 813, 3048, 'model code', ''],
  ['us-a', 'cpvc', 0, 29, 914, 3048, 'model code', 'vertical: and a guide at mid-storey'],
  ['us-a', 'cpvc', 29.1, 63, 1219, 3048, 'model code', ''],
  ['us-a', 'pvc-u', 0, 63, 1219, 3048, 'model code', ''],
  ['us-a', 'galvanised-steel', 0, 61, 3658, 4572, 'model code', ''],
  ['us-b', 'copper', 0, 42, 1829, 3048, 'model code', '1-1/2 and smaller'],
  ['us-b', 'copper', 42.1, 120, 3048, 3048, 'model code', ''],
  ['us-b', 'pex', 0, 29, 813, 3048, 'model code', 'vertical: and a guide at mid-storey'],
  ['us-b', 'pex', 29.1, 63, 1219, 3048, 'model code', ''],
  ['us-b', 'multilayer', 0, 29, 813, 3048, 'model code', ''],
  ['us-b', 'cpvc', 0, 29, 914, 3048, 'model code', 'vertical: and a guide at mid-storey'],
  ['us-b', 'cpvc', 29.1, 63, 1219, 3048, 'model code', ''],
  ['us-b', 'pvc-u', 0, 63, 1219, 3048, 'model code', ''],
  ['us-b', 'galvanised-steel', 0, 61, 3048, 4572, 'model code', '3/4 and smaller: 10 ft'],
]

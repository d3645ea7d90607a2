/** [outside diameter mm, heat s, change over s, hold s, may be loaded after min]: sockets of PP-R; DVS 2207-11, typical. */
export type FusionRow = readonly [od: number, heat: number, change: number, hold: number, loaded: number]

export const fusionRows: readonly FusionRow[] = [
  [16, 5, 4, 6, 2],
  [20, 5, 4, 6, 2],
  [25, 7, 4, 10, 2],
  [32, 8, 6, 10, 4],
  [40, 12, 6, 20, 4],
  [50, 18, 6, 20, 4],
  [63, 24, 8, 30, 6],
]

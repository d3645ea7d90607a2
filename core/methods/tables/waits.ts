/** [from this temperature in °C up, seconds]; warmest first. */
export type ColdRow = readonly [number, number]

const hour = 3600

/** Expanded joints before pressure; typical, the maker's sheet overrules. */
export const coldWaits: readonly ColdRow[] = [
  [5, hour / 2],
  [0, 3 * hour],
  [-10, 10 * hour],
]

/** [outside diameter up to mm, waits]: cemented joints before pressure; typical, the tin overrules. */
export const solventSets: readonly (readonly [number, readonly ColdRow[]])[] = [
  [
    43,
    [
      [16, hour],
      [4, 2 * hour],
      [-18, 8 * hour],
    ],
  ],
  [
    61,
    [
      [16, 2 * hour],
      [4, 4 * hour],
      [-18, 16 * hour],
    ],
  ],
]

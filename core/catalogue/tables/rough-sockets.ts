import type { MethodId } from '../../methods/ids'

/** [method, system, size, a, b, ± mm, note]: the pipe goes in `a × D + b` mm, D its outside diameter in mm; typical */
export type RoughSocketRow = readonly [MethodId, string, string, number, number, number, string]

const insertSet = 'the pipe’s own insert and ring, to the insert’s shoulder; measure it when it is in the hand'
const repair = 'a repair coupling with a rubber or split ring; measure it when it is in the hand'
const converter = 'the old side of a converter; measure it when it is in the hand'
const olive = 'a 22 body with the old-size olive'

/** Sockets that the trade has and whose depth differs much: good enough to plan with, measured before it is cut. */
export const roughSocketRows: readonly RoughSocketRow[] = [
  ...['12', '14', '16', '20', '25', '26', '32'].map(
    (size): RoughSocketRow => ['compression', 'insert set, metric', size, 0.55, 4, 3, insertSet],
  ),
  ...['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'].map(
    (size): RoughSocketRow => ['compression', 'repair coupling', size, 0.9, 12, 5, repair],
  ),
  ...['1/2', '3/4', '1'].map(
    (size): RoughSocketRow => ['compression', 'insert set, PEX-AL-PEX', size, 0.55, 4, 3, insertSet],
  ),
  ['solder', 'old bore', 'old 3/4', 0, 15.5, 2, converter],
  ['compression', 'old-size olive', 'old 3/4', 0, 18, 2, olive],
]

import type { MethodId } from '../method'

/** [method, system, size, note] */
export type UnmeasuredSocketRow = readonly [MethodId, string, string, string]

const insertSet = 'the pipe’s own insert and ring; measure how far it goes in'
const repair = 'a repair coupling with a rubber or split ring; measure how far it goes in'

/** Sockets that the trade has and whose depth differs so much that it is only known once measured. */
export const unmeasuredSocketRows: readonly UnmeasuredSocketRow[] = [
  ...['12', '14', '16', '20', '25', '26', '32'].map(
    (size): UnmeasuredSocketRow => ['compression', 'insert set, metric', size, insertSet],
  ),
  ...['1/2', '3/4', '1', '1-1/4', '1-1/2', '2'].map(
    (size): UnmeasuredSocketRow => ['compression', 'repair coupling', size, repair],
  ),
  ...['1/2', '3/4', '1'].map(
    (size): UnmeasuredSocketRow => ['compression', 'insert set, PEX-AL-PEX', size, insertSet],
  ),
  ['solder', 'old bore', 'old 3/4', 'the old side of a converter; measure its socket'],
  ['compression', 'old-size olive', 'old 3/4', 'a 22 body with the old-size olive; measure how far the pipe goes in'],
]

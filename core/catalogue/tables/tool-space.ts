import type { MethodId } from '../method'

/** [method, outside diameter up to mm, to the wall mm, between two pipes mm], all typical. */
export type ToolSpaceRow = readonly [MethodId, number, number, number]

/** Room round the pipe for jaws, crimp tools, expanders and spanners. */
export const toolSpaceRows: readonly ToolSpaceRow[] = [
  ['press-metal', 16.5, 20, 55],
  ['press-metal', 19, 22, 60],
  ['press-metal', 23, 25, 65],
  ['press-metal', 29, 30, 75],
  ['press-metal', 36, 35, 85],
  ['press-metal', 43, 60, 120],
  ['press-metal', 55, 70, 140],
  ['press-multilayer', 16.5, 20, 50],
  ['press-multilayer', 20.5, 20, 55],
  ['press-multilayer', 26.5, 25, 65],
  ['press-multilayer', 32.5, 30, 75],
  ['press-multilayer', 64, 60, 130],
  ['crimp', 16.5, 25, 45],
  ['crimp', 23, 25, 55],
  ['crimp', 29, 30, 65],
  ['clamp', 29, 15, 25],
  ['compression', 16.5, 12, 25],
  ['compression', 23, 15, 30],
  ['compression', 29, 15, 35],
  ['compression', 55, 25, 50],
  ['thread', 35, 25, 60],
  ['thread', 62, 40, 90],
]

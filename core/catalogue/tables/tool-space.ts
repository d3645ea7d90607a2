import type { MethodId } from '../../methods/ids'

/**
 * [method, outside diameter up to mm, to the wall mm, between two pipes mm, between two mouths on one piece mm], all
 * typical.
 */
export type ToolSpaceRow = readonly [MethodId, number, number, number, number]

/** Room round the pipe for jaws, crimp tools, expanders and spanners. */
export const toolSpaceRows: readonly ToolSpaceRow[] = [
  ['press-metal', 16.5, 20, 55, 15],
  ['press-metal', 19, 22, 60, 15],
  ['press-metal', 23, 25, 65, 20],
  ['press-metal', 29, 30, 75, 25],
  ['press-metal', 36, 35, 85, 30],
  ['press-metal', 43, 60, 120, 40],
  ['press-metal', 55, 70, 140, 50],
  ['press-multilayer', 16.5, 20, 50, 10],
  ['press-multilayer', 20.5, 20, 55, 10],
  ['press-multilayer', 26.5, 25, 65, 15],
  ['press-multilayer', 32.5, 30, 75, 20],
  ['press-multilayer', 64, 60, 130, 30],
  ['crimp', 16.5, 25, 45, 10],
  ['crimp', 23, 25, 55, 10],
  ['crimp', 29, 30, 65, 15],
  ['clamp', 29, 15, 25, 5],
  ['compression', 16.5, 12, 25, 30],
  ['compression', 23, 15, 30, 35],
  ['compression', 29, 15, 35, 40],
  ['compression', 55, 25, 50, 55],
  ['thread', 35, 25, 60, 0],
  ['thread', 62, 40, 90, 0],
]

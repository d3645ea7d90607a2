import type { MethodId } from '../methods/ids'
import { toolSpaceRows } from './tables/tool-space'

/** Room that a tool needs round a pipe, in mm from the pipe's outside; typical, the tool's own sheet overrules. */
export interface ToolSpace {
  readonly wall: number
  readonly pipes: number
  /** Bare pipe between the mouths of two fittings on one piece, so that jaw, ring or nut has its place. */
  readonly mouths: number
}

/**
 * The room for the tool of a method on a pipe of this outside diameter.
 *
 * @returns null where the method needs no room worth a figure, or the table ends
 * @example toolSpace('press-metal', 22) // { wall: 25, pipes: 65, mouths: 20 }
 */
export function toolSpace(method: MethodId, od: number): ToolSpace | null {
  const row = toolSpaceRows.find(([of, upTo]) => of === method && od <= upTo)
  return row ? { wall: row[2], pipes: row[3], mouths: row[4] } : null
}

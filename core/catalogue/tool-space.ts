import type { MethodId } from './method'
import { toolSpaceRows } from './tables/tool-space'

/** Room that a tool needs round a pipe, in mm from the pipe's outside; typical, the tool's own sheet overrules. */
export interface ToolSpace {
  readonly wall: number
  readonly pipes: number
}

/**
 * The room for the tool of a method on a pipe of this outside diameter.
 *
 * @returns null where the method needs no room worth a figure, or the table ends
 * @example toolSpace('press-metal', 22) // { wall: 25, pipes: 65 }
 */
export function toolSpace(method: MethodId, od: number): ToolSpace | null {
  const row = toolSpaceRows.find(([of, upTo]) => of === method && od <= upTo)
  return row ? { wall: row[2], pipes: row[3] } : null
}

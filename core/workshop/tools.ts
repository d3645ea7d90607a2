import type { MethodId } from '../methods/ids'

/** A tool that is owned: for every size of its method, or for the sizes that its jaws, heads or rings take. */
export interface OwnedTool {
  readonly method: MethodId
  readonly sizes?: readonly string[]
}

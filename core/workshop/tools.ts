import * as z from 'zod'
import { methodIds, type MethodId } from '../methods/ids'

/** A tool that is owned: for every size of its method, or for the sizes that its jaws, heads or rings take. */
export interface OwnedTool {
  readonly method: MethodId
  readonly sizes?: readonly string[]
}

/** The tools that are owned, by method; unsaid means that nothing is known of them. */
export const toolsSchema = z
  .array(
    z.union([
      z.enum(methodIds).transform((method): OwnedTool => ({ method })),
      z.object({ method: z.enum(methodIds), sizes: z.array(z.string().max(20)).max(50).optional() }),
    ]),
  )
  .max(100)

import * as z from 'zod'
import { methodIds } from '../methods/ids'
import type { OwnedTool } from './tools'

/** The tools that are owned, by method; unsaid means that nothing is known of them. */
export const toolsSchema = z
  .array(
    z.union([
      z.enum(methodIds).transform((method): OwnedTool => ({ method })),
      z.object({ method: z.enum(methodIds), sizes: z.array(z.string().max(20)).max(50).optional() }),
    ]),
  )
  .max(100)

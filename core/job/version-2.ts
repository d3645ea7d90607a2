import * as z from 'zod'
import type { Catalogue } from '../catalogue/catalogue'
import { withoutLengthsMade, withoutMadeUp } from './decisions'
import { most } from './kinds'
import type { Job, Node } from './job'
import { chainChoiceSchema, jobSchema, legSchema, namedChoiceSchema, nodeSchema } from './job-schema'

/** A fitting's name, the chain and the arms stood beside each other: where there was a name, it held. */
export const nodeOfVersion2 = nodeSchema.omit({ fitting: true }).extend({
  fitting: namedChoiceSchema.shape.name.optional(),
  arms: namedChoiceSchema.shape.arms,
  chain: chainChoiceSchema.omit({ by: true }).optional(),
})
type NodeOfVersion2 = z.output<typeof nodeOfVersion2>

export const legOfVersion2 = legSchema.extend({
  madeUp: z.literal(true).optional().meta({
    description: 'cut to stand between two sockets of a chain of fittings: it follows from them, and is not kept',
  }),
})

/** The job file, version 2: a chain's short pieces and the length of two fittings one in the other were written down. */
export const jobSchemaOfVersion2 = jobSchema.extend({
  version: z.literal(2),
  nodes: z.array(nodeOfVersion2).max(most),
  legs: z.array(legOfVersion2).max(most),
})
export type JobOfVersion2 = z.output<typeof jobSchemaOfVersion2>

/** Which fitting was chosen for a node, by what held in version 2. */
function liftNode({ fitting, arms, chain, ...node }: NodeOfVersion2): Node {
  if (fitting !== undefined) return { ...node, fitting: { by: 'name', name: fitting, ...(arms && { arms }) } }
  return chain ? { ...node, fitting: { by: 'chain', ...chain } } : node
}

/** A job of version 2 as one of version 3: one choice a node, and nothing that follows from what was decided. */
export const liftVersion2 = (catalogue: Catalogue, job: JobOfVersion2): Job =>
  withoutLengthsMade(withoutMadeUp(catalogue, { ...job, version: 3, nodes: job.nodes.map(liftNode) } as Job))

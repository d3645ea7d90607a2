import * as z from 'zod'
import { withRun } from './site-id'
import { jobSchema, runSchema } from './job-schema'
import { legOfVersion2, nodeOfVersion2, type JobOfVersion2 } from './version-2'

const lengthText = 'millimetres as a number, more than 0 and at most 100000'

const legOfVersion1 = legOfVersion2.omit({ run: true, began: true }).extend({
  length: z.number({ error: lengthText }).positive(lengthText).max(100_000, lengthText),
  unmeasured: z.boolean().optional().meta({ description: 'of existing pipe: its length does not matter' }),
})
const runOfVersion1 = runSchema.extend({
  nodes: z.array(nodeOfVersion2.omit({ run: true, began: true, arms: true })).max(5000),
  legs: z.array(legOfVersion1).max(5000),
})

/** The job file, version 1: every run has nodes and legs of its own, with ids that are unique in that run alone. */
export const jobSchemaOfVersion1 = jobSchema
  .omit({ nodes: true, legs: true })
  .extend({ version: z.literal(1), runs: z.array(runOfVersion1).max(100) })
export type JobOfVersion1 = z.output<typeof jobSchemaOfVersion1>
export type RunOfVersion1 = JobOfVersion1['runs'][number]

/** An id that is free in the whole job: as it was where it is, else with its run before it. */
function freeId(taken: Set<string>, run: string, id: string): string {
  let free = id
  while (taken.has(free)) free = withRun(run, free)
  taken.add(free)
  return free
}

/**
 * A job of version 1 as one of version 2: the nodes and legs of its runs in one graph. An id that two runs gave is kept
 * by the first; the second's has its run before it.
 */
export function liftVersion1({ runs, ...rest }: JobOfVersion1): JobOfVersion2 {
  const [nodeIds, legIds] = [new Set<string>(), new Set<string>()]
  const nodes: JobOfVersion2['nodes'] = []
  const legs: JobOfVersion2['legs'] = []
  for (const run of runs) {
    const now = new Map(run.nodes.map(({ id }) => [id, freeId(nodeIds, run.id, id)]))
    nodes.push(...run.nodes.map((node) => ({ ...node, id: now.get(node.id)!, run: run.id })))
    legs.push(
      ...run.legs.map(({ unmeasured, ...leg }) => ({
        ...leg,
        id: freeId(legIds, run.id, leg.id),
        run: run.id,
        from: now.get(leg.from)!,
        to: now.get(leg.to)!,
        length: unmeasured && leg.state ? null : leg.length,
      })),
    )
  }
  return { ...rest, version: 2, runs: runs.map(({ nodes: _, legs: __, ...run }) => run), nodes, legs }
}
